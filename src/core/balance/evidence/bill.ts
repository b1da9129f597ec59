import { BTU_PER_KWH, FUEL_BTU_PER_UNIT } from '../../units/constants';
import { apartF } from '../../units/degrees';
import { type Evidence, fromLossPerDegree, joined, NO_LOAD_PLAY_F } from './evidence';

const BTU_PER_UNIT = { ...FUEL_BTU_PER_UNIT, electric: BTU_PER_KWH } as const;

/** How well a bill less its summer says what heating took, and how well an old efficiency is known. */
const BILL_SPREAD = 0.15;
/** A house colder outside than this below no-load for the time of the bill is in its heating season, °F. */
const LEAST_MEAN_F = 8;

export const bill: Evidence = {
  id: 'bill',
  label: 'A winter’s bill',
  about: 'Measures the whole house over weeks, habits included. Its weak side is the efficiency of what burned it.',
  estimate: (facts) => {
    const { billUnits, billFuel, billEfficiency, billDays, billDegreeDays, billBaseF } = facts.load;
    if (billUnits === null)
      return { kind: 'missing', what: 'Enter what heating took, the days and their degree-days.' };
    const meanDifferenceF = billDegreeDays / billDays - (billBaseF - facts.house.noLoadF);
    if (meanDifferenceF < LEAST_MEAN_F)
      return {
        kind: 'missing',
        what: `On average these days were ${apartF(Math.max(0, Math.round(meanDifferenceF)))} below the no-load temperature: take the cold months alone, ${apartF(LEAST_MEAN_F)} at least.`,
      };
    const btuhPerF = (billUnits * BTU_PER_UNIT[billFuel] * billEfficiency) / (24 * billDays * meanDifferenceF);
    return {
      kind: 'known',
      designBtuh: fromLossPerDegree(facts, btuhPerF),
      uncertainty: joined(BILL_SPREAD, NO_LOAD_PLAY_F / meanDifferenceF),
      because: `${billDays} days, ${apartF(Math.round(meanDifferenceF))} below no-load on average: ${Math.round(btuhPerF)} Btu/h per °F.`,
    };
  },
};
