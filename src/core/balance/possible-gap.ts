import { lockoutsInForce } from '../control/lockouts';
import { outdoorThermostatOf, withDialSetting } from '../control/outdoor-thermostats';
import { backupOf } from '../job/backup';
import { jobBanks } from '../job/banks';
import type { FactChange, Facts } from '../job/document';
import type { SpanF } from '../units/span';
import { RULER_SPAN_F } from './range';

/** A span in which nothing may heat if sensor and dial are off by their tolerances. */
export interface PossibleGap {
  readonly spanF: SpanF;
  /** Probability of a gap anywhere in it, from 0 to 1. */
  readonly chance: number;
  /** The lockout that closes it for sure, its setting, and the change of facts. */
  readonly closedBy: { readonly label: string; readonly atF: number; readonly change: FactChange };
}

/** What limits one bank, or the furnace: a dial, the thermostat lockout, both, or nothing. */
interface BackupGate {
  readonly dial: { readonly number: number; readonly atF: number } | null;
}

/** Grid points per error. */
const STEPS = 240;

/** Midpoints of equal intervals from −error to +error; a single 0 for no error. */
const within = (errorF: number): readonly number[] =>
  errorF === 0 ? [0] : Array.from({ length: STEPS }, (_, at) => errorF * ((2 * at + 1) / STEPS - 1));

/** Probability that a dial with an error closes colder than a temperature. */
const isColder = (dialF: number, errorF: number, thanF: number): number =>
  errorF === 0 ? Number(dialF < thanF) : Math.min(1, Math.max(0, (thanF - dialF + errorF) / (2 * errorF)));

const backupGates = (facts: Facts): readonly BackupGate[] =>
  backupOf(facts) === 'fossil'
    ? [{ dial: null }]
    : jobBanks(facts).map(({ bank }) => {
        const found = outdoorThermostatOf(facts, bank);
        return { dial: found && { number: found.number, atF: found.closesBelowF } };
      });

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * The worst possible gap, its probability, and the lockout that closes it. The thermostat lockouts share one sensor, so
 * its error moves both; each dial and the low-temperature cutoff has its own error, uniformly distributed. Falling
 * temperature decides for a dial, because it releases no earlier than a lockout on the way up.
 * @returns null where no pair of errors leaves a gap, or the house needs no heat there
 */
export const possibleGap = (facts: Facts): PossibleGap | null => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const { minOutdoorF } = facts.outdoorUnit;
  const { sensorErrorF, dialErrorF, lockoutPlayF } = facts.proof;
  const gates = backupGates(facts);
  if ((compressorBelowF === null && minOutdoorF === null) || gates.length === 0) return null;

  // Falling: the compressor stops at its lockout; backup comes on one differential below its own.
  const backupF = auxAboveF === null ? Infinity : auxAboveF - lockoutPlayF;
  const dials = [...new Map(gates.flatMap(({ dial }) => (dial ? [[dial.number, dial.atF] as const] : []))).entries()];
  const hasFreeBank = gates.some(({ dial }) => dial === null);
  const holeWith = (sensorF: number, limitF: number): number => {
    const heldBelowF = Math.max((compressorBelowF ?? -Infinity) - sensorF, (minOutdoorF ?? -Infinity) - limitF);
    if (backupF - sensorF < heldBelowF) return 1;
    return hasFreeBank ? 0 : dials.reduce((all, [, dialF]) => all * isColder(dialF, dialErrorF, heldBelowF), 1);
  };
  const limits = minOutdoorF === null ? [0] : within(sensorErrorF);
  const chance = mean(within(sensorErrorF).map((sensorF) => mean(limits.map((limitF) => holeWith(sensorF, limitF)))));

  const mostF = Math.max(compressorBelowF ?? -Infinity, minOutdoorF ?? -Infinity) + sensorErrorF;
  const warmest = (bank: BackupGate) =>
    Math.min(backupF - sensorErrorF, bank.dial === null ? Infinity : bank.dial.atF - dialErrorF);
  const spanF: SpanF = [
    Math.max(RULER_SPAN_F[0], Math.max(...gates.map(warmest))),
    Math.min(mostF, facts.house.noLoadF, RULER_SPAN_F[1]),
  ];
  if (chance <= 0 || spanF[1] - spanF[0] <= 1e-6) return null;

  // Its own lockout first: if that holds the backup off, no dial helps.
  const neededF = Math.ceil(
    Math.max(
      (compressorBelowF ?? -Infinity) + lockoutPlayF,
      (minOutdoorF ?? -Infinity) + 2 * sensorErrorF + lockoutPlayF,
    ),
  );
  if (auxAboveF !== null && (hasFreeBank || auxAboveF < neededF))
    return {
      spanF,
      chance,
      closedBy: {
        label: 'the backup lockout',
        atF: neededF,
        change: { path: 'gates.auxAboveF', value: neededF },
      },
    };
  const [number] = dials.reduce((warmestDial, dial) => (dial[1] > warmestDial[1] ? dial : warmestDial));
  const atF = Math.ceil(mostF + dialErrorF);
  const value = withDialSetting(facts, number, atF);
  return {
    spanF,
    chance,
    closedBy: { label: `outdoor thermostat ${number}`, atF, change: { path: 'gates.outdoorThermostats', value } },
  };
};
