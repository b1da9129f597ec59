import {
  type Condition,
  type ControllerProfile,
  entryKey,
  type EntryOption,
  optionsOf,
  type ProfileEntry,
} from './profile';

/** Every "entry is one of" in a condition, with the entry's key; one without a scope means the asking entry's own. */
export const tests = (
  condition: Condition,
  scope: string,
): { readonly key: string; readonly is: readonly string[] }[] =>
  'entry' in condition
    ? [{ key: entryKey(condition.scope ?? scope, condition.entry), is: condition.is }]
    : ('all' in condition ? condition.all : condition.any).flatMap((part) => tests(part, scope));

/**
 * Whether a condition holds for the codes that entries have. An entry whose code is not known is taken to have the
 * right one: it is better to look than to skip.
 */
export const holds = (condition: Condition, scope: string, codes: ReadonlyMap<string, string | null>): boolean => {
  if ('all' in condition) return condition.all.every((part) => holds(part, scope, codes));
  if ('any' in condition) return condition.any.some((part) => holds(part, scope, codes));
  const key = entryKey(condition.scope ?? scope, condition.entry);
  if (!codes.has(key)) return false;
  const code = codes.get(key);
  return code === null || code === undefined || condition.is.includes(code);
};

/** The first test that keeps an entry hidden, in words; null where none does. */
export const hiddenBecause = (entry: ProfileEntry, codes: ReadonlyMap<string, string | null>): string | null => {
  if (!entry.shownWhen || holds(entry.shownWhen, entry.scope, codes)) return null;
  const failing = tests(entry.shownWhen, entry.scope).find(
    ({ key, is }) => !codes.has(key) || (codes.get(key) !== null && !is.includes(codes.get(key)!)),
  );
  if (!failing) return 'it is hidden';
  const code = failing.key.slice(failing.key.indexOf('/') + 1);
  return codes.has(failing.key) ? `hidden while ${code} is ${codes.get(failing.key)}` : `hidden because ${code} is`;
};

/** Codes that must be chosen together for an entry to be shown: one map is one way. */
type Way = ReadonlyMap<string, ReadonlySet<string>>;

/** Ways beyond this many are not followed up; no controller has as many. */
const MOST_WAYS = 200;

const both = (one: Way, other: Way): Way | null => {
  const merged = new Map(one);
  for (const [key, codes] of other) {
    const held = merged.get(key);
    const left = held ? new Set([...held].filter((code) => codes.has(code))) : codes;
    if (left.size === 0) return null;
    merged.set(key, left);
  }
  return merged;
};

const cross = (ones: readonly Way[], others: readonly Way[]): Way[] =>
  ones.flatMap((one) => others.flatMap((other) => both(one, other) ?? [])).slice(0, MOST_WAYS);

/**
 * The ways in which an entry can come to be shown; none: it can never be.
 * @param onTheWay keys being followed, so that a ring ends
 */
export const waysTo = (profile: ControllerProfile, entry: ProfileEntry, onTheWay: readonly string[] = []): Way[] => {
  const byKey = new Map(profile.entries.map((each) => [entryKey(each.scope, each.code), each]));
  const ways = (condition: Condition): Way[] => {
    if ('all' in condition) return condition.all.map(ways).reduce<Way[]>(cross, [new Map()]);
    if ('any' in condition) return condition.any.flatMap(ways).slice(0, MOST_WAYS);
    const key = entryKey(condition.scope ?? entry.scope, condition.entry);
    const other = byKey.get(key);
    if (!other || onTheWay.includes(key)) return [];
    const possible: readonly EntryOption[] = optionsOf(other);
    const codes =
      other.form.kind === 'number'
        ? condition.is
        : condition.is.filter((code) => possible.some((option) => option.code === code));
    return codes.length === 0
      ? []
      : cross([new Map([[key, new Set(codes)]])], waysTo(profile, other, [...onTheWay, key]));
  };
  return entry.shownWhen ? ways(entry.shownWhen) : [new Map()];
};
