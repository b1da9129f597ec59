import type { BoardProgram, DemandBoard, TimeTemperatureBoard } from './board-program';
import { atLeast, atMost } from './program';

/** How a defrost ended: warm coil, time limit, or lost call. */
export type DefrostEnd = 'coil' | 'cap' | 'call';

/** Inputs of a board in a tick. */
export interface BoardInputs {
  /** A heating call that reaches the board. */
  readonly hasCall: boolean;
  readonly coilF: number;
  readonly outdoorF: number;
}

/** State of a defrost board: plain data with its own timers, min. */
export interface BoardState {
  readonly phase:
    | { readonly kind: 'counting' }
    /** Minutes of defrost so far, and minutes of the pause where its call is lost. */
    | { readonly kind: 'defrosting'; readonly defrostMin: number; readonly pauseMin: number };
  /** Run time that counts toward the next defrost, min. */
  readonly countMin: number;
  /** Whether the defrost thermostat is closed; null: no input yet. */
  readonly isClosed: boolean | null;
  readonly cleanSplitF: number | null;
  /** Uninterrupted run since a defrost that ended on coil temperature, min; null: not learning. */
  readonly settledMin: number | null;
}

/** Events of a tick. */
export type BoardEvent = { readonly kind: 'begins' } | { readonly kind: 'ends'; readonly by: DefrostEnd };

/** Initial state. */
export const boardAtRest = (program: BoardProgram): BoardState => ({
  phase: { kind: 'counting' },
  countMin: 0,
  isClosed: null,
  cleanSplitF: program.kind === 'demand' ? program.cleanSplitF : null,
  settledMin: null,
});

/** Minimum clean split that is accepted. */
const LEAST_SPLIT_F = 2;

const switched = (before: boolean | null, { closesF, opensF }: TimeTemperatureBoard, coilF: number): boolean => {
  if (atMost(coilF, closesF)) return true;
  return before === true && !atLeast(coilF, opensF);
};

const withSwitch = (state: BoardState, isClosed: boolean): BoardState =>
  state.isClosed === isClosed ? state : { ...state, isClosed };

/** Whether the coil is warm enough to end a defrost. */
const isClear = (state: BoardState, program: BoardProgram, coilF: number): boolean =>
  program.kind === 'demand' ? atLeast(coilF, program.endsF) : state.isClosed === false;

interface Decided {
  readonly state: BoardState;
  readonly event: BoardEvent | null;
}

const ended = (state: BoardState, program: BoardProgram, by: DefrostEnd): Decided => ({
  state: {
    ...state,
    phase: { kind: 'counting' },
    countMin: 0,
    settledMin: program.kind === 'demand' && by === 'coil' ? 0 : null,
  },
  event: { kind: 'ends', by },
});

const begun = (state: BoardState): Decided => ({
  state: {
    ...state,
    phase: { kind: 'defrosting', defrostMin: 0, pauseMin: 0 },
    countMin: 0,
    settledMin: null,
  },
  event: { kind: 'begins' },
});

/** A defrost in progress: ended, paused, or continuing. */
const inDefrost = (state: BoardState, program: BoardProgram, { hasCall, coilF }: BoardInputs): Decided => {
  const { phase } = state;
  if (phase.kind !== 'defrosting') return { state, event: null };
  if (hasCall) {
    if (isClear(state, program, coilF)) return ended(state, program, 'coil');
    if (atLeast(phase.defrostMin, program.capMin)) return ended(state, program, 'cap');
    return { state: { ...state, phase: { ...phase, pauseMin: 0 } }, event: null };
  }
  if (program.onCallLoss === 'forgets') return ended(state, program, 'call');
  if (program.pauseMaxMin !== null && atLeast(phase.pauseMin, program.pauseMaxMin))
    return ended(state, program, 'call');
  return { state, event: null };
};

const byTime = (state: BoardState, program: TimeTemperatureBoard): Decided => {
  if (!atLeast(state.countMin, program.intervalMin * program.earlyShare)) return { state, event: null };
  if (state.isClosed) return begun(state);
  return { state: program.whenDue === 'restart' ? { ...state, countMin: 0 } : state, event: null };
};

/** The clean split, read in the first cold, settled tick after a defrost that cleared the coil. */
const learned = (state: BoardState, program: DemandBoard, { coilF, outdoorF }: BoardInputs): BoardState =>
  state.settledMin !== null && atLeast(state.settledMin, program.settleMin) && atMost(coilF, program.coldF)
    ? { ...state, cleanSplitF: Math.max(LEAST_SPLIT_F, outdoorF - coilF), settledMin: null }
    : state;

const byDemand = (state: BoardState, program: DemandBoard, inputs: BoardInputs): Decided => {
  const now = learned(state, program, inputs);
  const { coilF, outdoorF } = inputs;
  const isDue =
    atMost(coilF, program.coldF) &&
    atLeast(now.countMin, program.leastMin) &&
    (now.cleanSplitF === null ||
      atLeast(outdoorF - coilF, now.cleanSplitF + program.marginF) ||
      atLeast(now.countMin, program.forceAfterMin));
  return isDue ? begun(now) : { state: now, event: null };
};

/** Advances the timers: defrost, count, or pause. */
const counted = (state: BoardState, program: BoardProgram, hasCall: boolean, stepMin: number): BoardState => {
  const { phase, settledMin } = state;
  if (phase.kind === 'defrosting')
    return {
      ...state,
      phase: hasCall
        ? { ...phase, defrostMin: phase.defrostMin + stepMin }
        : { ...phase, pauseMin: phase.pauseMin + stepMin },
    };
  const adds =
    hasCall && (program.kind === 'demand' || program.counts === 'run' || state.isClosed === true) ? stepMin : 0;
  if (adds === 0 && settledMin === null) return state;
  // Written out for speed: a year has half a million ticks.
  return {
    phase,
    countMin: state.countMin + adds,
    isClosed: state.isClosed,
    cleanSplitF: state.cleanSplitF,
    settledMin: settledMin === null ? null : hasCall ? settledMin + stepMin : 0,
  };
};

/**
 * One tick of a defrost board. Deterministic.
 * @param stepMin length of the tick, min
 */
export const stepBoard = (before: BoardState, program: BoardProgram, inputs: BoardInputs, stepMin: number): Decided => {
  const felt =
    program.kind === 'demand' ? before : withSwitch(before, switched(before.isClosed, program, inputs.coilF));
  const wasDefrosting = felt.phase.kind === 'defrosting';
  const decided = wasDefrosting
    ? inDefrost(felt, program, inputs)
    : !inputs.hasCall
      ? { state: felt, event: null }
      : program.kind === 'demand'
        ? byDemand(felt, program, inputs)
        : byTime(felt, program);
  return { state: counted(decided.state, program, inputs.hasCall, stepMin), event: decided.event };
};
