import type { Evidence } from './evidence';
import { fromLossPerDegree } from './evidence';

/**
 * Heat loss per heated square foot, Btu/(h·ft²·°F), by age. Our judgment, from rules of thumb: they ignore windows and
 * wind.
 */
const LOSS_PER_FT2 = {
  'before-1950': 0.6,
  '1950-1979': 0.45,
  '1980-1999': 0.33,
  '2000-2011': 0.26,
  'after-2011': 0.2,
} as const;
/** Spread among houses of the same age. Our judgment. */
const SPREAD = 0.4;

export const floorArea: Evidence = {
  id: 'floor-area',
  label: 'Floor area and age',
  about: 'A rule of thumb, good only for catching a number that is off by double. Never size by it.',
  estimate: (facts) => {
    const { floorFt2, built } = facts.load;
    if (floorFt2 === null) return { kind: 'missing', what: 'Enter the heated floor area.' };
    const perFt2 = LOSS_PER_FT2[built];
    return {
      kind: 'known',
      designBtuh: fromLossPerDegree(facts, floorFt2 * perFt2),
      uncertainty: SPREAD,
      because: `${perFt2} Btu/h per ft² per °F, by age.`,
    };
  },
};
