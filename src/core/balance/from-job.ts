import { lockoutsInForce } from '../control/lockouts';
import { outdoorThermostatOf } from '../control/outdoor-thermostats';
import { jobFurnaceBtuh } from '../devices/furnace/stages';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { jobBanks } from '../strips/from-job';
import { heldBank } from '../strips/held-bank';
import { allowedCurve, type Crossing, crossing, type CrossingInput } from './balance';
import { jobLoad } from './evidence';
import { capacityCurve, copAt, isDrawnOn } from './heat-pump';
import { jobHeatPump } from './job-heat-pump';
import { loadCurve } from './load';
import type { Gates } from './lockouts';
import { RULER_SPAN_F } from './range';

/**
 * Everything that holds a job's sources by outdoor temperature: lockouts, an outdoor thermostat in front of a bank, and
 * a relay that holds a bank wherever the compressor is called, which is down to its lockout.
 */
export const jobGates = (facts: Facts): Required<Gates> => {
  const lockouts = lockoutsInForce(facts);
  const held = heldBank(facts);
  return {
    ...lockouts,
    banksCloseBelowF: jobBanks(facts).map(({ bank }) => {
      const dialF = outdoorThermostatOf(facts, bank)?.closesBelowF ?? null;
      return bank === held ? Math.min(dialF ?? Infinity, lockouts.compressorBelowF ?? -Infinity) : dialF;
    }),
  };
};

/** A job's facts as the crossing takes them. Lockouts count only where the thermostat knows the outdoor temperature. */
export const crossingInput = (facts: Facts): CrossingInput => ({
  load: jobLoad(facts).load,
  heatPump: jobHeatPump(facts),
  banksKW: jobBanks(facts).map(({ kW }) => kW),
  gates: jobGates(facts),
  electricPerKWh: facts.prices.electricPerKWh,
  ...(backupOf(facts) === 'fossil'
    ? {
        fuel: {
          kind: facts.furnace.fuel,
          pricePerUnit: facts.prices.fuelPerUnit,
          efficiency: facts.furnace.efficiency,
          outputBtuh: jobFurnaceBtuh(facts),
        },
      }
    : {}),
});

/** The crossing of a job. */
export const jobCrossing = (facts: Facts): Crossing => crossing(crossingInput(facts));

/** Load and heat at one outdoor temperature, Btu/h. */
export interface CrossingAt {
  readonly loadBtuh: number;
  readonly heatPumpBtuh: number;
  /** All that the gates let run together. */
  readonly allowedBtuh: number;
  readonly cop: number;
  /** Whether the heat pump's figures are drawn on beyond its rating points. */
  readonly isDrawnOn: boolean;
}

/** What a job's house needs and may get at an outdoor temperature, °F. */
export const crossingAt = (facts: Facts, outdoorF: number): CrossingAt => {
  const input = crossingInput(facts);
  return {
    loadBtuh: loadCurve(input.load).at(outdoorF),
    heatPumpBtuh: capacityCurve(input.heatPump).at(outdoorF),
    allowedBtuh: allowedCurve(input, RULER_SPAN_F).at(outdoorF),
    cop: copAt(input.heatPump, outdoorF),
    isDrawnOn: isDrawnOn(input.heatPump, outdoorF),
  };
};
