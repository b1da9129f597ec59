import { type DegreeScale, steppedF } from '@/core/units/degrees';
import type { SpanF } from '@/core/units/span';

/** Marks per key press. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -5,
  PageUp: 5,
};

/** New position of a temperature slider for a key, °F: steps, and Home and End; null for other keys. */
export const sliderKeyF = (scale: DegreeScale, key: string, atF: number, [leastF, mostF]: SpanF): number | null => {
  if (key === 'Home') return leastF;
  if (key === 'End') return mostF;
  const steps = STEPS[key];
  return steps === undefined ? null : Math.min(mostF, Math.max(leastF, steppedF(scale, atF, steps)));
};
