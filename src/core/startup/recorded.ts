import type { FactPath } from '../job/document';
import { expectBetween, expectUpTo } from './expect';
import type { Expectation, Item } from './step';

/** A reading that is stored without a verdict. */
export const recorded = (id: string, label: string, unit: string, sum = ''): Item => ({
  id,
  label,
  unit,
  expect: () => ({ kind: 'record', sum: sum === '' ? 'Recorded only.' : `Recorded only. ${sum}` }),
});

/** Higher than any reading. */
export const NO_LIMIT = 1e9;

/** Limits typed from a nameplate, chart or manual; null: not typed yet. */
interface Typed {
  readonly least?: number | null;
  readonly most?: number | null;
  /** What to type first. */
  readonly fact: FactPath;
  /** Source of the limits. */
  readonly sum: string;
}

/** Expectation from typed limits; missing until they are typed. */
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

/** A reading judged by typed limits. */
export const typed = (id: string, label: string, unit: string, limits: Typed): Item => ({
  id,
  label,
  unit,
  expect: () => expectTyped(unit, limits),
});
