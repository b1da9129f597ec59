import { textProblem } from './text';

/** None of our files nests deeper: a condition in an entry of a profile in a save is at level fifteen. */
const DEEPEST = 32;
/** No request or profile has more values: a year of weather has eighteen thousand. */
const MOST_VALUES = 400_000;

/** A container during the walk, and how far it has been walked. */
interface Level {
  /** Keys of an object; null: a list. */
  readonly names: readonly string[] | null;
  readonly held: Readonly<Record<string | number, unknown>>;
  readonly size: number;
  next: number;
}

const levelOf = (held: object): Level => {
  const names = Array.isArray(held) ? null : Object.keys(held);
  return { names, held: held as Level['held'], size: names?.length ?? (held as readonly unknown[]).length, next: 0 };
};

/** Path to the value at each level. */
const pathOf = (levels: readonly Level[]): string =>
  levels
    .map(({ names, next }, depth) => (names === null ? `[${next - 1}]` : `${depth > 0 ? '.' : ''}${names[next - 1]}`))
    .join('');

/**
 * Finds input that must not be processed further: endless nesting, too many values, or text that cannot be stored.
 * Circular references nest without end. Values are counted before anything is built from them, so the check costs a
 * small part of parsing.
 * @param mostValues maximum number of values
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
