/** What every defrost board has: a cap, and what a lost call does to a defrost. */
interface BoardFrame {
  /** Longest defrost, min. */
  readonly capMin: number;
  /** Whether a defrost whose call is lost is over, or goes on when the call returns. */
  readonly onCallLoss: 'forgets' | 'resumes';
  /** A pause longer than this ends it, min; null: never. */
  readonly pauseMaxMin: number | null;
}

/** A board that defrosts by run time, where its defrost thermostat is closed. */
export interface TimeTemperatureBoard extends BoardFrame {
  readonly kind: 'time-temperature';
  readonly intervalMin: number;
  /** Share of the interval after which it is due: boards run fast or slow. */
  readonly earlyShare: number;
  readonly counts: 'run' | 'run-while-cold';
  /** What it does when due with the switch open: stays due, or counts from zero again. */
  readonly whenDue: 'wait' | 'restart';
  readonly closesF: number;
  readonly opensF: number;
}

/** A board that compares the coil with outdoors, and knows how far apart they are when the coil is clean. */
export interface DemandBoard extends BoardFrame {
  readonly kind: 'demand';
  /** Outdoor less coil with a clean coil, °F; null: not learned yet. */
  readonly cleanSplitF: number | null;
  readonly marginF: number;
  readonly leastMin: number;
  readonly coldF: number;
  readonly endsF: number;
  readonly forceAfterMin: number;
  readonly settleMin: number;
}

export type BoardProgram = TimeTemperatureBoard | DemandBoard;
