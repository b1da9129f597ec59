import { above, atLeast, atMost, below, type ControlProgram, type SetpointEntry, startsApartMin } from './program';
import type { Mode, Signals } from './signals';

/** Inputs of a thermostat in a tick. */
export interface DemandInputs {
  readonly mode: Mode;
  /** Setpoints of the day, in time order. */
  readonly setpoints: readonly SetpointEntry[];
  /** Null: the outdoor sensor is lost. */
  readonly outdoorF: number | null;
  readonly roomF: number;
  /** The outdoor board reports a fault, or the compressor is known to be dead. */
  readonly hasFault: boolean;
}

/** Something that is on or off, and since when, min (null: it never ran); its last start, null before the first. */
interface Running {
  readonly isOn: boolean;
  readonly sinceMin: number | null;
  readonly lastStartMin: number | null;
}

/**
 * State of a thermostat: plain data that can be stored, sent and resumed. `stepDemand` takes the clock as an argument;
 * all times are on that clock.
 */
export interface Demand {
  readonly mode: Mode;
  readonly isCalling: boolean;
  readonly compressor: Running;
  /** Whether the compressor stopped for a fossil backup, and has not started since. */
  readonly hasGivenWay: boolean;
  readonly secondStage: Running;
  /** When the first stage began to run by itself, for the upstage timer. */
  readonly aloneSinceMin: number | null;
  readonly backup: Running;
  readonly emergency: Running;
  /** When the highest stage began to run with the room short; null: it has not. */
  readonly shortSinceMin: number | null;
  readonly isLockedOut: boolean;
  readonly isBackupHeld: boolean;
  /** How much sooner than its setting the backup comes on, °F. */
  readonly shiftF: number;
  readonly learnedDays: number;
  /** Backup starts by on-point or time in the last day, min. */
  readonly countedStartsMin: readonly number[];
}

const NEVER_RAN: Running = { isOn: false, sinceMin: null, lastStartMin: null };

/** Everything off; the compressor counts as stopped at the start. */
export const demandAtRest = (mode: Mode): Demand => ({
  mode,
  isCalling: false,
  compressor: { ...NEVER_RAN, sinceMin: 0 },
  hasGivenWay: false,
  secondStage: NEVER_RAN,
  aloneSinceMin: null,
  backup: NEVER_RAN,
  emergency: NEVER_RAN,
  shortSinceMin: null,
  isLockedOut: false,
  isBackupHeld: false,
  shiftF: 0,
  learnedDays: 0,
  countedStartsMin: [],
});

const DAY_MIN = 1440;

const started = (atMin: number): Running => ({ isOn: true, sinceMin: atMin, lastStartMin: atMin });
const stopped = (running: Running, atMin: number): Running => ({ ...running, isOn: false, sinceMin: atMin });

/**
 * Whether the room is so short that no start waits for its starts per hour: no thermostat lets a house go cold because
 * its furnace has started three times this hour.
 */
export const yieldsPace = ({ paceYieldsF, differentialF }: ControlProgram, shortF: number): boolean =>
  paceYieldsF !== null && atLeast(shortF, differentialF / 2 + paceYieldsF);

/** Whether its starts per hour allow a start. */
export const mayStart = ({ lastStartMin }: Running, startsPerHour: number | null, atMin: number): boolean =>
  lastStartMin === null || atLeast(atMin - lastStartMin, startsApartMin(startsPerHour));

/** Whether its starts per hour allow a start of the compressor. */
export const mayCompress = (
  { compressor, hasGivenWay }: Demand,
  program: ControlProgram,
  shortF: number,
  atMin: number,
): boolean =>
  yieldsPace(program, shortF) ||
  (hasGivenWay && !program.givenWayWaits) ||
  mayStart(compressor, program.compressorStartsPerHour, atMin);

/** Whether its starts per hour allow a start of a backup, by either call. */
export const mayBackUp = (backup: Running, program: ControlProgram, shortF: number, atMin: number): boolean =>
  yieldsPace(program, shortF) || mayStart(backup, program.backupStartsPerHour, atMin);

/** Whether something has been in its state long enough. */
export const hasBeen = ({ sinceMin }: Running, minutes: number, atMin: number): boolean =>
  sinceMin === null || atLeast(atMin - sinceMin, minutes);

/** The learned shift, reviewed once a day. */
const learned = (demand: Demand, { learning }: ControlProgram, atMin: number): Demand => {
  const days = Math.floor((atMin + 1e-9) / DAY_MIN);
  if (learning === null || days <= demand.learnedDays) return demand;
  const starts = demand.countedStartsMin.filter((each) => atLeast(each, atMin - DAY_MIN) && below(each, atMin));
  const shiftF = atLeast(starts.length, learning.startsPerDay)
    ? Math.min(learning.mostF, demand.shiftF + learning.stepF)
    : Math.max(0, demand.shiftF - learning.stepF);
  return { ...demand, shiftF, learnedDays: days, countedStartsMin: starts };
};

/** The setpoint in effect, °F, and whether a morning recovery is under way. */
export const setpointNow = (
  setpoints: readonly SetpointEntry[],
  { recovery }: Pick<ControlProgram, 'recovery'>,
  mode: Mode,
  atMin: number,
): { readonly setpointF: number; readonly isRecovering: boolean } => {
  const at = Math.max(
    0,
    setpoints.findLastIndex(({ fromMin }) => atMost(fromMin, atMin)),
  );
  const present = setpoints[at]!.setpointF;
  const next = setpoints[at + 1];
  if (recovery === null || mode !== 'heat' || !next || next.setpointF <= present)
    return { setpointF: present, isRecovering: false };
  const rampF = next.setpointF - (recovery.rateFPerH * (next.fromMin - atMin)) / 60;
  return above(rampF, present)
    ? { setpointF: Math.min(next.setpointF, rampF), isRecovering: true }
    : { setpointF: present, isRecovering: false };
};

const withGates = (demand: Demand, isLockedOut: boolean, isBackupHeld: boolean): Demand =>
  demand.isLockedOut === isLockedOut && demand.isBackupHeld === isBackupHeld
    ? demand
    : { ...demand, isLockedOut, isBackupHeld };

/** The lockouts; a lockout stays in effect until the temperature has moved back by its differential. */
const gated = (demand: Demand, program: ControlProgram, outdoorF: number | null): Demand => {
  if (outdoorF === null) return program.onSensorLoss === 'keep' ? demand : withGates(demand, false, false);
  const { compressorBelowF, auxAboveF, lockoutPlayF } = program;
  const isLockedOut =
    compressorBelowF !== null &&
    below(outdoorF, demand.isLockedOut ? compressorBelowF + lockoutPlayF : compressorBelowF);
  const isBackupHeld =
    auxAboveF !== null && above(outdoorF, demand.isBackupHeld ? auxAboveF - lockoutPlayF : auxAboveF);
  return withGates(demand, isLockedOut, isBackupHeld);
};

/** A mode change drops everything at once; off times and last starts are kept. */
const inMode = (demand: Demand, mode: Mode, atMin: number): Demand => {
  if (mode === demand.mode) return demand;
  const dropped = (running: Running) => (running.isOn ? stopped(running, atMin) : running);
  return {
    ...demand,
    mode,
    isCalling: false,
    compressor: dropped(demand.compressor),
    secondStage: dropped(demand.secondStage),
    backup: dropped(demand.backup),
    emergency: dropped(demand.emergency),
    aloneSinceMin: null,
    shortSinceMin: null,
  };
};

/** How far the room is off, °F: below the setpoint in heating, above it in cooling. */
export const shortBy = (mode: Mode, setpointF: number, roomF: number): number =>
  mode === 'cool' ? roomF - setpointF : setpointF - roomF;

const called = (demand: Demand, { differentialF }: ControlProgram, shortF: number): Demand => {
  const isCalling = demand.isCalling ? !atMost(shortF, -differentialF / 2) : atLeast(shortF, differentialF / 2);
  return isCalling === demand.isCalling ? demand : { ...demand, isCalling };
};

const emergencyStep = (
  demand: Demand,
  program: ControlProgram,
  shortF: number,
  atMin: number,
  mayPowerUp: boolean,
): Demand => {
  const { emergency, isCalling } = demand;
  if (emergency.isOn) return isCalling ? demand : { ...demand, emergency: stopped(emergency, atMin) };
  const starts = isCalling && mayPowerUp && mayBackUp(emergency, program, shortF, atMin);
  return starts ? { ...demand, emergency: started(atMin) } : demand;
};

/** Whether backup is wanted, and whether the start counts for learning. */
export const backupWanted = (
  demand: Demand,
  program: ControlProgram,
  {
    shortF,
    isRecovering,
    hasFault,
    atMin,
  }: { shortF: number; isRecovering: boolean; hasFault: boolean; atMin: number },
): { readonly isWanted: boolean; readonly counts: boolean } => {
  const not = { isWanted: false, counts: false };
  if (program.backup === 'none') return not;
  if (demand.isBackupHeld && !hasFault) return not;
  if (demand.isLockedOut || hasFault) return { isWanted: demand.isCalling, counts: false };
  if (!demand.isCalling) return not;
  if (demand.backup.isOn) {
    if (program.backup === 'fossil') return { isWanted: true, counts: false };
    const isDone = atMost(shortF, program.auxOffF) || (program.auxOnF === null && program.auxAfterMin === null);
    return { isWanted: !isDone, counts: false };
  }
  if (isRecovering) return not;
  const byPoint =
    program.auxOnF !== null && atLeast(shortF, Math.max(program.auxOffF + 0.5, program.auxOnF - demand.shiftF));
  const byTime =
    program.auxAfterMin !== null &&
    demand.shortSinceMin !== null &&
    atLeast(atMin - demand.shortSinceMin, program.auxAfterMin) &&
    above(shortF, program.auxOffF);
  return byPoint || byTime ? { isWanted: true, counts: true } : not;
};

const backupStep = (
  demand: Demand,
  program: ControlProgram,
  wanted: { readonly isWanted: boolean; readonly counts: boolean },
  shortF: number,
  atMin: number,
  mayPowerUp: boolean,
): Demand => {
  const { backup } = demand;
  if (backup.isOn)
    return !wanted.isWanted && hasBeen(backup, program.backupMinOnMin, atMin)
      ? { ...demand, backup: stopped(backup, atMin), shortSinceMin: null }
      : demand;
  if (!wanted.isWanted || !mayPowerUp || !mayBackUp(backup, program, shortF, atMin)) return demand;
  return {
    ...demand,
    backup: started(atMin),
    countedStartsMin: wanted.counts ? [...demand.countedStartsMin, atMin] : demand.countedStartsMin,
  };
};

const compressorStep = (
  demand: Demand,
  program: ControlProgram,
  isWanted: boolean,
  shortF: number,
  atMin: number,
  mayPowerUp: boolean,
): Demand => {
  const { compressor } = demand;
  const isFossil = program.backup === 'fossil';
  if (compressor.isOn) {
    const givesWay = isFossil && demand.backup.isOn;
    return !isWanted && (givesWay || hasBeen(compressor, program.minOnMin, atMin))
      ? { ...demand, compressor: stopped(compressor, atMin), hasGivenWay: givesWay }
      : demand;
  }
  const starts =
    isWanted &&
    mayPowerUp &&
    hasBeen(compressor, program.minOffMin, atMin) &&
    mayCompress(demand, program, shortF, atMin) &&
    (!isFossil ||
      // Either call of a furnace counts.
      [demand.backup, demand.emergency].every((fired) => hasBeen(fired, program.afterFossilMin, atMin)));
  return starts ? { ...demand, compressor: started(atMin), hasGivenWay: false, aloneSinceMin: atMin } : demand;
};

const secondStageStep = (
  demand: Demand,
  program: ControlProgram,
  isWanted: boolean,
  shortF: number,
  atMin: number,
): Demand => {
  const { secondStage, compressor, aloneSinceMin } = demand;
  if (secondStage.isOn)
    return !compressor.isOn || !isWanted || atMost(shortF, 0)
      ? {
          ...demand,
          secondStage: stopped(secondStage, atMin),
          aloneSinceMin: compressor.isOn ? atMin : null,
          shortSinceMin: null,
        }
      : demand;
  if (program.compressorStages !== 2 || !compressor.isOn || !isWanted || aloneSinceMin === null) return demand;
  const byTime = program.upstageMin !== null && above(shortF, 0) && atLeast(atMin - aloneSinceMin, program.upstageMin);
  const byPoint = program.stage2OnF !== null && atLeast(shortF, program.stage2OnF);
  return byTime || byPoint ? { ...demand, secondStage: started(atMin) } : demand;
};

const shortStep = (demand: Demand, program: ControlProgram, shortF: number, atMin: number): Demand => {
  const isHighest = program.compressorStages === 2 ? demand.secondStage.isOn : demand.compressor.isOn;
  if (!isHighest || !above(shortF, 0))
    return demand.shortSinceMin === null ? demand : { ...demand, shortSinceMin: null };
  return demand.shortSinceMin === null ? { ...demand, shortSinceMin: atMin } : demand;
};

/** Outputs of a thermostat with its present settings. */
export const signalsOf = ({ compressor, secondStage, backup, emergency }: Demand): Signals => ({
  isCompressing: compressor.isOn,
  isSecondStage: secondStage.isOn,
  isBackup: backup.isOn,
  isEmergency: emergency.isOn,
});

/**
 * One tick of a thermostat: learning, setpoint, lockouts, mode, call, emergency, backup, compressor, second stage, in
 * that order. Outputs hold until the next tick. Deterministic to the bit.
 * @param atMin time of the tick, min
 */
export const stepDemand = (before: Demand, program: ControlProgram, inputs: DemandInputs, atMin: number): Demand => {
  const { mode, roomF, outdoorF, hasFault } = inputs;
  const day = learned(before, program, atMin);
  const { setpointF, isRecovering } = setpointNow(inputs.setpoints, program, mode, atMin);
  const open = inMode(gated(day, program, outdoorF), mode, atMin);
  if (mode === 'off') return open;
  const shortF = shortBy(mode, setpointF, roomF);
  const calling = called(open, program, shortF);
  const mayPowerUp = atLeast(atMin, program.powerUpHoldMin);
  if (mode === 'emergency') return emergencyStep(calling, program, shortF, atMin, mayPowerUp);
  const isHeating = mode === 'heat';
  const wanted = isHeating
    ? backupWanted(calling, program, { shortF, isRecovering, hasFault, atMin })
    : { isWanted: false, counts: false };
  const backed = backupStep(calling, program, wanted, shortF, atMin, mayPowerUp);
  const isCompressorWanted =
    backed.isCalling &&
    !(isHeating && (backed.isLockedOut || hasFault)) &&
    !(program.backup === 'fossil' && backed.backup.isOn);
  const running = compressorStep(backed, program, isCompressorWanted, shortF, atMin, mayPowerUp);
  const staged = secondStageStep(running, program, isCompressorWanted, shortF, atMin);
  return shortStep(staged, program, shortF, atMin);
};
