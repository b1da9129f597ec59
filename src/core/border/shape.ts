import { textProblem } from './text';

/** Deeper than this nests no file of ours: a condition in an entry of a profile in a save is at fifteen. */
const DEEPEST = 32;
/** More values than this has no request and no controller: a year of weather has eighteen thousand. */
const MOST_VALUES = 400_000;

/** A part that holds others, with how far it has been looked through. */
interface Level {
  /** Names of what it holds; null: a list, whose names are numbers. */
  readonly names: readonly string[] | null;
  readonly held: Readonly<Record<string | number, unknown>>;
  readonly size: number;
  next: number;
}

const levelOf = (held: object): Level => {
  const names = Array.isArray(held) ? null : Object.keys(held);
  return { names, held: held as Level['held'], size: names?.length ?? (held as readonly unknown[]).length, next: 0 };
};

/** Path of the value that each level is at. */
const pathOf = (levels: readonly Level[]): string =>
  levels
    .map(({ names, next }, depth) => (names === null ? `[${next - 1}]` : `${depth > 0 ? '.' : ''}${names[next - 1]}`))
    .join('');

/**
 * What makes input one that must not be looked at further: it nests without end, holds values without number, or text
 * that cannot be kept. Input that refers to itself nests without end. Values are counted before anything is made of
 * them, so that looking costs a small part of what reading did.
 * @param mostValues most values that it may hold
 * @returns the first problem and its path; null where there is none
 */
export const shapeProblem = (
  input: unknown,
  mostValues = MOST_VALUES,
): { readonly error: string; readonly path: string } | null => {
  if (typeof input === 'string') {
    const problem = textProblem(input);
    return problem === null ? null : { error: problem, path: '' };
  }
  if (typeof input !== 'object' || input === null) return null;
  const levels = [levelOf(input)];
  let count = 1 + levels[0]!.size;
  for (let level = levels.at(-1); level; level = levels.at(-1)) {
    if (count > mostValues) return { error: 'has too many values', path: '' };
    if (level.next === level.size) {
      levels.pop();
      continue;
    }
    const at = level.next++;
    const name = level.names?.[at];
    const inName = name === undefined ? null : textProblem(name);
    if (inName !== null) return { error: inName, path: '' };
    const value = level.held[name ?? at];
    const inText = typeof value === 'string' ? textProblem(value) : null;
    if (inText !== null) return { error: inText, path: pathOf(levels) };
    if (typeof value !== 'object' || value === null) continue;
    if (levels.length > DEEPEST - 1) return { error: 'is nested too deep', path: '' };
    const below = levelOf(value);
    count += below.size;
    levels.push(below);
  }
  return null;
};
