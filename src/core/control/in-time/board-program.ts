/** Common to every defrost board: a time limit, and what a lost call does to a defrost. */
interface BoardFrame {
  /** Maximum defrost time, min. */
  readonly capMin: number;
  /** Whether a lost call ends the defrost, or it resumes with the next call. */
  readonly onCallLoss: 'forgets' | 'resumes';
  /** A longer pause ends it, min; null: never. */
  readonly pauseMaxMin: number | null;
}

/** A board that defrosts by run time while its defrost thermostat is closed. */
export interface TimeTemperatureBoard extends BoardFrame {
  readonly kind: 'time-temperature';
  readonly intervalMin: number;
  /** Share of the interval after which a defrost is due: boards run fast or slow. */
  readonly earlyShare: number;
  readonly counts: 'run' | 'run-while-cold';
  /** What it does when due with the switch open: stays due, or restarts the count. */
  readonly whenDue: 'wait' | 'restart';
  readonly closesF: number;
  readonly opensF: number;
}

/** A board that compares coil and outdoor temperature with the difference of a clean coil. */
export interface DemandBoard extends BoardFrame {
  readonly kind: 'demand';
  /** Outdoor minus coil with a clean coil, °F; null: not learned yet. */
  readonly cleanSplitF: number | null;
  readonly marginF: number;
  readonly leastMin: number;
  readonly coldF: number;
  readonly endsF: number;
  readonly forceAfterMin: number;
  readonly settleMin: number;
}

export type BoardProgram = TimeTemperatureBoard | DemandBoard;
