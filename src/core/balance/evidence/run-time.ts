import { apartF } from '../../units/degrees';
import { backupHeatBtuh } from '../backup-heat';
import { capacityCurve } from '../heat-pump';
import { jobHeatPump } from '../job-heat-pump';
import { combinedShare, type Evidence, fromLossPerDegree, NO_LOAD_SPREAD_F } from './evidence';

const HOURS = 24;
/** Days closer to the no-heat temperature than this tell nothing about the load, °F. */
const LEAST_DIFFERENCE_F = 10;
/** How well a unit delivers its rated output. Our judgment. */
const CAPACITY_SPREAD = 0.1;

/** Loss per degree by least squares through the no-heat temperature; days far from it weigh most. */
export const runTime: Evidence = {
  id: 'run-time',
  label: 'Run hours',
  about: 'Measures the house as it is lived in. Steady days only: no setback, no wood stove, no ice on the coil.',
  estimate: (facts) => {
    const { noLoadF } = facts.house;
    const capacity = capacityCurve(jobHeatPump(facts));
    const days = facts.load.runDays
      .filter(
        ({ outdoorF, compressorHours, backupHours }) =>
          noLoadF - outdoorF >= LEAST_DIFFERENCE_F && compressorHours + backupHours > 0,
      )
      .map(({ outdoorF, compressorHours, backupHours }) => ({
        differenceF: noLoadF - outdoorF,
        btuh: (compressorHours * capacity.at(outdoorF) + backupHours * backupHeatBtuh(facts)) / HOURS,
      }))
      // Hours of a backup that this job does not have, or of a unit below its cutoff, carried no heat.
      .filter(({ btuh }) => btuh > 0);
    if (days.length === 0)
      return {
        kind: 'missing',
        what: `Enter a day’s run hours, on a day at least ${apartF(LEAST_DIFFERENCE_F)} below ${noLoadF} °F.`,
      };
    if (facts.outdoorUnit.stages !== 'single' && facts.load.runDays.some(({ compressorHours }) => compressorHours > 0))
      return {
        kind: 'missing',
        what: 'Run hours do not tell you the heat from a staged or inverter compressor. Use a bill instead.',
      };
    const squares = days.reduce((sum, { differenceF }) => sum + differenceF ** 2, 0);
    const btuhPerF = days.reduce((sum, { btuh, differenceF }) => sum + btuh * differenceF, 0) / squares;
    const meanDifferenceF = days.reduce((sum, { differenceF }) => sum + differenceF, 0) / days.length;
    const scatter = Math.sqrt(
      days.reduce((sum, { btuh, differenceF }) => sum + (btuh / (btuhPerF * differenceF) - 1) ** 2, 0) /
        days.length ** 2,
    );
    return {
      kind: 'known',
      designBtuh: fromLossPerDegree(facts, btuhPerF),
      uncertainty: combinedShare(CAPACITY_SPREAD, NO_LOAD_SPREAD_F / meanDifferenceF, scatter),
      because: `${days.length === 1 ? 'One day' : `${days.length} days`} at ${Math.round(noLoadF - meanDifferenceF)} °F on average: ${Math.round(btuhPerF)} Btu/h per °F.`,
    };
  },
};
