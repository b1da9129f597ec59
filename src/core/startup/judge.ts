import { factAt, type FactPath } from '../job/document';
import type { ReadingValue } from '../job/reading';
import { roundTo } from '../units/round';
import type { Grade, Item, Verdict } from './step';

const gradeOf = (value: ReadingValue, item: Item, place: string | null): Grade => {
  const expected = item.expect(place);
  if (expected.kind === 'tick') return value === 'done' ? 'pass' : 'noted';
  if (expected.kind !== 'band') return 'noted';
  if (typeof value !== 'number') return 'fail';
  if (value >= expected.pass[0] && value <= expected.pass[1]) return 'pass';
  return value >= expected.warn[0] && value <= expected.warn[1] ? 'warn' : 'fail';
};

/** A reading that passes by nothing is said to. */
const EDGE = {
  low: 'It passes, and nothing lower does: this is the edge.',
  high: 'It passes, and nothing higher does: this is the edge.',
} as const;

const plainWords = (value: ReadingValue, grade: Grade, item: Item, place: string | null): string => {
  const expected = item.expect(place);
  if (expected.kind === 'tick') return 'Done.';
  if (expected.kind === 'needs') return `Kept. Judged once it is known: ${expected.what}.`;
  if (expected.kind === 'record') return 'Kept.';
  if (value === 'OL') return 'Open circuit.';
  const [low, high] = expected.pass;
  if (grade === 'pass') return value === low ? EDGE.low : value === high ? EDGE.high : 'As expected.';
  const number = value as number;
  const off =
    number < low ? `${roundTo(low - number, 1)} ${item.unit} under` : `${roundTo(number - high, 1)} ${item.unit} over`;
  return `${off} the limit.`;
};

/**
 * Judges one reading against what is expected of its item.
 * @param value in the item's unit
 * @param place where the clamp or probe was, for items that ask
 * @param isAssumed whether nobody has looked at a fact: a limit that is only assumed fails nothing
 */
export const judge = (
  item: Item,
  value: ReadingValue,
  place: string | null,
  isAssumed: (path: FactPath) => boolean = () => false,
): Verdict => {
  const grade = gradeOf(value, item, place);
  const explained = item.explain?.(value, grade, place);
  const verdict = explained ? { grade, ...explained } : { grade, means: plainWords(value, grade, item, place) };
  if (grade !== 'fail' || item.limitFrom === undefined || !isAssumed(item.limitFrom)) return verdict;
  const { label } = factAt(item.limitFrom);
  return {
    ...verdict,
    grade: 'warn',
    means: `${verdict.means} The limit is assumed: confirm “${label}” on the Sheet.`,
  };
};
