import { type Condition, type ControllerProfile, entryKey, optionsOf, type ProfileEntry } from './profile';

/**
 * Every "entry is one of" test in a condition, with the entry's key; without a scope it means the entry's own scope.
 */
export const tests = (
  condition: Condition,
  scope: string,
): { readonly key: string; readonly is: readonly string[] }[] =>
  'entry' in condition
    ? [{ key: entryKey(condition.scope ?? scope, condition.entry), is: condition.is }]
    : ('all' in condition ? condition.all : condition.any).flatMap((part) => tests(part, scope));

/**
 * Whether a condition holds for the entries' codes. An entry with an unknown code counts as matching: better to look
 * than to skip.
 */
export const holds = (condition: Condition, scope: string, codes: ReadonlyMap<string, string | null>): boolean => {
  if ('all' in condition) return condition.all.every((part) => holds(part, scope, codes));
  if ('any' in condition) return condition.any.some((part) => holds(part, scope, codes));
  const key = entryKey(condition.scope ?? scope, condition.entry);
  if (!codes.has(key)) return false;
  const code = codes.get(key);
  return code === null || code === undefined || condition.is.includes(code);
};

/** The first test that hides an entry, in words; null if none. */
export const hiddenBecause = (entry: ProfileEntry, codes: ReadonlyMap<string, string | null>): string | null => {
  if (!entry.shownWhen || holds(entry.shownWhen, entry.scope, codes)) return null;
  const failing = tests(entry.shownWhen, entry.scope).find(
    ({ key, is }) => !codes.has(key) || (codes.get(key) !== null && !is.includes(codes.get(key)!)),
  );
  if (!failing) return 'it is hidden';
  const code = failing.key.slice(failing.key.indexOf('/') + 1);
  return codes.has(failing.key) ? `hidden while ${code} is ${codes.get(failing.key)}` : `hidden because ${code} is`;
};

/** Codes that together show an entry: one map is one way. */
type Way = ReadonlyMap<string, ReadonlySet<string>>;
/** The ways to show an entry; `many` if there are too many to follow: then it counts as shown. */
type Ways = readonly Way[] | 'many';

/** Maximum ways to follow; no controller has as many. */
const MOST_WAYS = 200;
/** Maximum combined codes in one profile, to limit the time to tens of ms. */
const MOST_STEPS = 100_000;

/** Both ways combined; null if they exclude each other. */
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

/**
 * Finds the ways to show each entry of a profile: none if it can never be shown. An entry with a circular condition
 * counts as shown: the circle is a separate problem.
 * @param inRing keys of entries whose condition is circular
 */
export const waysFinder = (
  profile: ControllerProfile,
  inRing: ReadonlySet<string>,
): ((entry: ProfileEntry) => Ways) => {
  const byKey = new Map(profile.entries.map((each) => [entryKey(each.scope, each.code), each]));
  const known = new Map<string, Ways>();
  let steps = 0;

  const cross = (ones: Ways, others: Ways): Ways => {
    if (ones === 'many' || others === 'many') return 'many';
    const all: Way[] = [];
    for (const one of ones)
      for (const other of others) {
        steps += 1 + one.size + other.size;
        if (steps > MOST_STEPS || all.length >= MOST_WAYS) return 'many';
        const merged = both(one, other);
        if (merged) all.push(merged);
      }
    return all;
  };
  const either = (ones: Ways, others: Ways): Ways => {
    if (ones === 'many' || others === 'many') return 'many';
    return ones.length + others.length > MOST_WAYS ? 'many' : [...ones, ...others];
  };

  const waysTo = (entry: ProfileEntry): Ways => {
    const key = entryKey(entry.scope, entry.code);
    if (!entry.shownWhen || inRing.has(key)) return [new Map()];
    const found = known.get(key) ?? waysOf(entry.shownWhen, entry.scope);
    known.set(key, found);
    return found;
  };
  const waysOf = (condition: Condition, scope: string): Ways => {
    if ('all' in condition)
      return condition.all.reduce<Ways>((ways, part) => cross(ways, waysOf(part, scope)), [new Map()]);
    if ('any' in condition) return condition.any.reduce<Ways>((ways, part) => either(ways, waysOf(part, scope)), []);
    const key = entryKey(condition.scope ?? scope, condition.entry);
    const other = byKey.get(key);
    if (!other) return [];
    const possible = new Set(optionsOf(other).map(({ code }) => code));
    const codes = other.form.kind === 'number' ? condition.is : condition.is.filter((code) => possible.has(code));
    return codes.length === 0 ? [] : cross([new Map([[key, new Set(codes)]])], waysTo(other));
  };
  return waysTo;
};
