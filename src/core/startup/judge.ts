import { factAt, type FactPath } from '../job/document';
import { type ReadingValue, seenValue } from '../job/reading';
import { stopWords } from '../safety/stops';
import { MOST_CONTROL_VOLTS } from '../units/control-volts';
import { roundTo } from '../units/round';
import type { Grade, Item, Verdict } from './step';

const gradeOf = (value: ReadingValue, item: Item, place: string | null): Grade => {
  const expected = item.expect(place);
  if (item.fails && value === seenValue(item.fails.word)) return 'fail';
  if (expected.kind === 'tick') return value === 'done' ? 'pass' : 'noted';
  if (expected.kind !== 'band') return 'noted';
  if (typeof value !== 'number') return 'fail';
  if (value >= expected.pass[0] && value <= expected.pass[1]) return 'pass';
  return value >= expected.warn[0] && value <= expected.warn[1] ? 'warn' : 'fail';
};

/** Whether a value exceeds what a control conductor may ever carry. */
const isOverControl = ({ of, isControlVolts }: Item, value: ReadingValue): boolean =>
  (isControlVolts === true || of?.observable.kind === 'volts') &&
  typeof value === 'number' &&
  value > MOST_CONTROL_VOLTS;

/** A narrow pass is mentioned, except for an expected zero. */
const EDGE = {
  low: 'Passes, right at the low limit.',
  high: 'Passes, right at the high limit.',
} as const;

const plainWords = (value: ReadingValue, grade: Grade, item: Item, place: string | null): string => {
  const expected = item.expect(place);
  if (item.fails && value === seenValue(item.fails.word)) return item.fails.means;
  if (expected.kind === 'tick') return 'Done.';
  if (expected.kind === 'needs') return `Saved. It will be judged once this is known: ${expected.what}.`;
  if (expected.kind === 'record') return 'Saved.';
  if (value === 'OL') return 'Open circuit.';
  const [low, high] = expected.pass;
  if (grade === 'pass')
    return value === low && low !== 0 ? EDGE.low : value === high && high !== 0 ? EDGE.high : 'As expected.';
  const number = value as number;
  const off =
    number < low ? `${roundTo(low - number, 1)} ${item.unit} under` : `${roundTo(number - high, 1)} ${item.unit} over`;
  return `${off} the limit.`;
};

const judgedPlainly = (item: Item, value: ReadingValue, place: string | null): Verdict => {
  const judgedByItself = typeof value === 'number' ? item.verdict?.(value) : undefined;
  if (judgedByItself) return judgedByItself;
  const grade = gradeOf(value, item, place);
  const explained = item.explain?.(value, grade, place);
  return explained ? { grade, ...explained } : { grade, means: plainWords(value, grade, item, place) };
};

/**
 * Judges one reading against its item's expectation.
 * @param value in the item's unit
 * @param place of the clamp or probe, for items that ask
 * @param isAssumed whether a fact is unconfirmed: an assumed limit fails nothing
 */
export const judge = (
  item: Item,
  value: ReadingValue,
  place: string | null,
  isAssumed: (path: FactPath) => boolean = () => false,
): Verdict => {
  if (isOverControl(item, value))
    return {
      grade: 'fail',
      means: `${value as number} V on a control conductor.`,
      next: stopWords('control-overvoltage'),
      stop: 'control-overvoltage',
    };
  const verdict = judgedPlainly(item, value, place);
  const { grade } = verdict;
  if (grade === 'fail' && item.stops !== undefined)
    return { ...verdict, next: stopWords(item.stops), stop: item.stops };
  if (grade !== 'fail' || item.limitFrom === undefined || !isAssumed(item.limitFrom)) return verdict;
  const { label } = factAt(item.limitFrom);
  return {
    ...verdict,
    grade: 'warn',
    means: `${verdict.means} That limit is only assumed: confirm “${label}” on the Survey.`,
  };
};
