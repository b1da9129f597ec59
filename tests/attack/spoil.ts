/** A source of numbers from 0 to 1. */
export type Random = () => number;

export const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)]!;

const nested = (depth: number): unknown => Array.from({ length: depth }).reduce<unknown>((inner) => [inner], 0);

/** Values that no one types by accident. */
const NASTY: readonly ((random: Random) => unknown)[] = [
  () => null,
  () => -1,
  () => 1e308,
  () => 0.1 + 0.2,
  () => '',
  () => '5',
  () => true,
  () => [],
  () => ({}),
  () => 'half \ud83e',
  () => 'nul \u0000',
  () => '\u202Eright to left',
  () => '=cmd|calc',
  () => "'; DROP TABLE jobs; --",
  () => '<img src=x onerror=alert(1)>',
  () => 'x'.repeat(5000),
  () => nested(60),
  () => Array.from({ length: 3000 }, (_, at) => at),
  () => Object.fromEntries(Array.from({ length: 3000 }, (_, at) => [`k${at}`, at])),
  () => '2026-02-30T10:00:00Z',
  () => '9999-99-99T99:99:99Z',
  (random) => Math.round((random() - 0.5) * 1e6),
];

const isParent = (value: unknown): value is Record<string, unknown> | unknown[] =>
  typeof value === 'object' && value !== null && Object.keys(value).length > 0;

/** Sets a value under an own key, as in text from outside: `__proto__` is an ordinary key there. */
const putUnder = (parent: object, name: string, value: unknown): void =>
  void Object.defineProperty(parent, name, { value, enumerable: true, configurable: true, writable: true });

/** Removes or replaces one value anywhere in a document, in place. */
const spoilOne = (random: Random, document: unknown): void => {
  let at = document as Record<string, unknown>;
  for (;;) {
    const name = pick(random, Object.keys(at));
    const child = at[name];
    if (isParent(child) && random() < 0.85) {
      at = child as Record<string, unknown>;
      continue;
    }
    const way = random();
    if (way < 0.15) delete at[name];
    else if (way < 0.25) putUnder(at, pick(random, ['__proto__', 'constructor', 'x', name.toUpperCase()]), child);
    else at[name] = pick(random, NASTY)(random);
    return;
  }
};

/** A document corrupted in one to three places. */
export const spoiled = <T>(random: Random, document: T): T => {
  const copy = structuredClone(document);
  for (let left = 1 + Math.floor(random() * 3); left > 0; left--) if (isParent(copy)) spoilOne(random, copy);
  return copy;
};

/** A text with some characters removed, doubled, swapped or inserted. */
export const spoiledText = (random: Random, text: string): string => {
  let out = text;
  for (let left = 1 + Math.floor(random() * 4); left > 0; left--) {
    const at = Math.floor(random() * out.length);
    const way = random();
    const put = pick(random, [
      '[',
      '{',
      '&a *a',
      '- ',
      '"',
      '\u0000',
      '\ud83e',
      ',',
      '\n',
      '1e309',
      '-999',
      ': ',
      '\t',
    ]);
    if (way < 0.3) out = out.slice(0, at) + out.slice(at + 1 + Math.floor(random() * 40));
    else if (way < 0.5) out = out.slice(0, at) + out.slice(at, at + 200) + out.slice(at);
    else out = out.slice(0, at) + put + out.slice(at);
  }
  return out;
};
