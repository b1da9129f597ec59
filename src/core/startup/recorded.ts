import type { FactPath } from '../job/document';
import { expectBetween, expectUpTo } from './expect';
import type { Expectation, Item } from './step';

/** A reading that is kept and judged by no one. */
export const recorded = (id: string, label: string, unit: string, sum = ''): Item => ({
  id,
  label,
  unit,
  expect: () => ({ kind: 'record', sum: sum === '' ? 'Recorded only.' : `Recorded only. ${sum}` }),
});

/** Above anything that is read. */
export const NO_LIMIT = 1e9;

/** Limits that someone types from a plate, a chart or a manual; null: not typed yet. */
interface Typed {
  readonly least?: number | null;
  readonly most?: number | null;
  /** What is to be typed first. */
  readonly fact: FactPath;
  /** Whose limits they are. */
  readonly sum: string;
}

/** What is expected between limits that are typed: what is missing, until they are. */
export const expectTyped = (unit: string, { least, most, fact, sum }: Typed): Expectation => {
  if (least === null || most === null) return { kind: 'needs', what: 'its limit, from the plate or the chart', fact };
  if (most === undefined) {
    if (least === undefined) return { kind: 'record', sum };
    return {
      kind: 'band',
      aim: null,
      pass: [least, NO_LIMIT],
      warn: [least * 0.9, NO_LIMIT],
      tolerance: `${least} ${unit} or more`,
      sum,
    };
  }
  return least === undefined ? expectUpTo(most, unit, sum) : expectBetween(least, most, unit, sum);
};

/** A reading that is judged by limits someone types. */
export const typed = (id: string, label: string, unit: string, limits: Typed): Item => ({
  id,
  label,
  unit,
  expect: () => expectTyped(unit, limits),
});
