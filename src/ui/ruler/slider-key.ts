import { type DegreeScale, steppedF } from '@/core/units/degrees';
import type { SpanF } from '@/core/units/span';

/** Marks of the scale that a key goes by. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -5,
  PageUp: 5,
};

/** Where a key takes a slider of temperature, °F: steps, and Home and End to its ends; null for any other key. */
export const sliderKeyF = (scale: DegreeScale, key: string, atF: number, [leastF, mostF]: SpanF): number | null => {
  if (key === 'Home') return leastF;
  if (key === 'End') return mostF;
  const steps = STEPS[key];
  return steps === undefined ? null : Math.min(mostF, Math.max(leastF, steppedF(scale, atF, steps)));
};
