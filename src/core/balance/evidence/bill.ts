import { BTU_PER_KWH, FUEL_BTU_PER_UNIT } from '../../units/constants';
import { apartF } from '../../units/degrees';
import { combinedShare, type Evidence, fromLossPerDegree, NO_LOAD_SPREAD_F } from './evidence';

const BTU_PER_UNIT = { ...FUEL_BTU_PER_UNIT, electric: BTU_PER_KWH } as const;

/** Accuracy of a bill less summer use as a measure of heating, and of an assumed old efficiency. */
const BILL_SPREAD = 0.15;
/** A billing period colder than this below the no-heat temperature lies in the heating season, °F. */
const LEAST_MEAN_F = 8;

export const bill: Evidence = {
  id: 'bill',
  label: 'Winter fuel bill',
  about:
    'Measures the whole house over weeks, habits included. The weak point is knowing the old equipment’s efficiency.',
  estimate: (facts) => {
    const { billUnits, billFuel, billEfficiency, billDays, billDegreeDays, billBaseF } = facts.load;
    if (billUnits === null)
      return { kind: 'missing', what: 'Enter the heating use on the bill, the number of days and their degree-days.' };
    const meanDifferenceF = billDegreeDays / billDays - (billBaseF - facts.house.noLoadF);
    if (meanDifferenceF < LEAST_MEAN_F)
      return {
        kind: 'missing',
        what: `On average these days were only ${apartF(Math.max(0, Math.round(meanDifferenceF)))} below the no-heat temperature. Use the cold months only: at least ${apartF(LEAST_MEAN_F)} below.`,
      };
    const btuhPerF = (billUnits * BTU_PER_UNIT[billFuel] * billEfficiency) / (24 * billDays * meanDifferenceF);
    return {
      kind: 'known',
      designBtuh: fromLossPerDegree(facts, btuhPerF),
      uncertainty: combinedShare(BILL_SPREAD, NO_LOAD_SPREAD_F / meanDifferenceF),
      because: `${billDays} days, ${apartF(Math.round(meanDifferenceF))} below no-load on average: ${Math.round(btuhPerF)} Btu/h per °F.`,
    };
  },
};
