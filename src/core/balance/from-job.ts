import { lockoutsInForce } from '../control/lockouts';
import { outdoorThermostatOf } from '../control/outdoor-thermostats';
import { jobFurnaceBtuh } from '../devices/furnace/stages';
import { backupOf } from '../job/backup';
import { jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { interlockedBank } from '../job/interlocked-bank';
import { allowedCurve, type Balance, balance, type BalanceInput } from './balance';
import { jobLoad } from './evidence';
import { capacityCurve, copAt, isExtrapolated } from './heat-pump';
import { jobHeatPump } from './job-heat-pump';
import { loadCurve } from './load';
import type { Lockouts } from './lockouts';
import { RULER_SPAN_F } from './range';

/**
 * All limits on a job's sources by outdoor temperature: lockouts, an outdoor thermostat in a bank's circuit, and a
 * relay that locks out a bank while the compressor is called (down to the compressor lockout).
 */
export const jobLockouts = (facts: Facts): Required<Lockouts> => {
  const lockouts = lockoutsInForce(facts);
  const held = interlockedBank(facts);
  return {
    ...lockouts,
    banksCloseBelowF: jobBanks(facts).map(({ bank }) => {
      const dialF = outdoorThermostatOf(facts, bank)?.closesBelowF ?? null;
      return bank === held ? Math.min(dialF ?? Infinity, lockouts.compressorBelowF ?? -Infinity) : dialF;
    }),
  };
};

/** A job's facts as input to the balance. Lockouts count only if the thermostat knows the outdoor temperature. */
export const balanceInput = (facts: Facts): BalanceInput => ({
  load: jobLoad(facts).load,
  heatPump: jobHeatPump(facts),
  banksKW: jobBanks(facts).map(({ kW }) => kW),
  lockouts: jobLockouts(facts),
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

/** The balance of a job. */
export const jobBalance = (facts: Facts): Balance => balance(balanceInput(facts));

/** Load and heat at one outdoor temperature, Btu/h. */
export interface BalanceAt {
  readonly loadBtuh: number;
  readonly heatPumpBtuh: number;
  /** Combined output that the lockouts allow. */
  readonly allowedBtuh: number;
  readonly cop: number;
  /** Whether the heat pump's figures are extrapolated beyond its rating points. */
  readonly isDrawnOn: boolean;
}

/** Load and available heat at an outdoor temperature, °F. */
export const balanceAt = (facts: Facts, outdoorF: number): BalanceAt => {
  const input = balanceInput(facts);
  return {
    loadBtuh: loadCurve(input.load).at(outdoorF),
    heatPumpBtuh: capacityCurve(input.heatPump).at(outdoorF),
    allowedBtuh: allowedCurve(input, RULER_SPAN_F).at(outdoorF),
    cop: copAt(input.heatPump, outdoorF),
    isDrawnOn: isExtrapolated(input.heatPump, outdoorF),
  };
};
