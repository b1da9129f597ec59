import { textProblem } from './text';

/** Deeper than this nests no file of ours: a condition in an entry of a profile in a save is at fifteen. */
const DEEPEST = 32;
/** More values than this has no file of ours: the largest job file that is taken has about a hundred thousand. */
const MOST_VALUES = 400_000;

interface Part {
  readonly value: unknown;
  readonly depth: number;
  readonly name: string;
  readonly within: Part | null;
}

const pathOf = ({ name, within }: Part): string =>
  within === null ? name : `${pathOf(within)}${name.startsWith('[') || within.name === '' ? '' : '.'}${name}`;

const partsOf = (part: Part): Part[] => {
  const { value, depth } = part;
  const within = { depth: depth + 1, within: part };
  if (Array.isArray(value)) return value.map((each, at) => ({ ...within, value: each, name: `[${at}]` }));
  return typeof value === 'object' && value !== null
    ? Object.entries(value).map(([name, each]) => ({ ...within, value: each, name }))
    : [];
};

/**
 * What makes input one that must not be looked at further: it nests without end, holds values without number, or text
 * that cannot be kept. Input that refers to itself nests without end.
 * @returns the first problem and its path; null where there is none
 */
export const shapeProblem = (input: unknown): { readonly error: string; readonly path: string } | null => {
  const left: Part[] = [{ value: input, depth: 0, name: '', within: null }];
  let count = 0;
  for (let part = left.pop(); part; part = left.pop()) {
    if (part.depth > DEEPEST) return { error: 'nests too deep', path: '' };
    if (++count > MOST_VALUES) return { error: 'holds too many values', path: '' };
    const inName = textProblem(part.name);
    if (inName !== null) return { error: inName, path: '' };
    const inText = typeof part.value === 'string' ? textProblem(part.value) : null;
    if (inText !== null) return { error: inText, path: pathOf(part) };
    for (const each of partsOf(part)) left.push(each);
  }
  return null;
};
