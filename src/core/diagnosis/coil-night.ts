import type { EquipmentFaults } from '../model/equipment-faults';
import type { JobModel } from '../model/job-model';
import type { CoilNight } from '../model/observables/definition';
import { resolveSettings } from '../setup/resolve';
import { partsOf, runDay } from '../simulation/day/day';
import { jobBoard } from '../simulation/outdoors/job-board';
import { jobSchedule, setpointsFor } from '../simulation/system/schedule';
import { memoize, once } from '../units/once';

const MINUTES = 24 * 60;
/** Maximum outdoor temperature of a simulated night, °F: warmer air leaves no ice. */
const FROSTY_F = 34;
const DAMP = 0.9;
/** Defrost time of a board that ends each defrost at once, min. */
const EARLY_MIN = 2;
/** Last part of a night, min, whose lowest frost counts: ice that no defrost clears. */
const END_MIN = 6 * 60;

/** Key of everything that depends on the coil and its board. */
const keyOf = ({ outdoorCoil, defrost }: EquipmentFaults) => `${JSON.stringify(outdoorCoil)} ${defrost}`;

/**
 * Simulates a damp day and night at a steady temperature for each state of coil and board: only for the faults that
 * need it, once each.
 * @param outdoorF of the visit, °F; the night is at most at freezing
 */
export const coilNights = (model: JobModel, outdoorF: number): ((ails: EquipmentFaults) => CoilNight) => {
  const { facts } = model;
  const settings = once(() => resolveSettings({ facts, confirmed: new Set() }));
  const lived = memoize(keyOf, ({ outdoorCoil, defrost }: EquipmentFaults): CoilNight => {
    const board = jobBoard(facts);
    const parts = partsOf({ facts, wall: model.wall, scenario: { conditions: [], faults: [] } }, settings(), {
      coil: outdoorCoil,
      board: defrost === 'ends-early' ? { ...board, capMin: EARLY_MIN } : board,
    });
    const nightF = Math.min(outdoorF, FROSTY_F);
    const schedule = { ...jobSchedule(facts), kind: 'steady' as const };
    const setpoints = setpointsFor(schedule, MINUTES);
    const { trace } = runDay(parts, {
      minutes: MINUTES,
      stepMin: 1,
      mode: 'heat',
      setpoints,
      weatherAt: () => ({ outdoorF: nightF, relativeHumidity: DAMP }),
      start: { roomF: facts.house.heatSetpointF, massF: facts.house.heatSetpointF },
    });
    const ends = trace.defrostEnd.filter((end) => end !== null);
    return {
      defrosts: ends.length,
      capped: ends.filter((end) => end === 'cap').length,
      frostLeftLb: Math.min(...trace.frostLb.slice(-END_MIN)),
    };
  });
  return lived;
};
