import type { Moment } from '../control/moment';
import { bankCoilId, BLOWER_COIL } from '../devices/ids';
import type { Facts } from '../job/document';
import type { Bench } from '../wiring/state';
import { elementAmps } from './element';
import { type Ladder, ladder, type Rung } from './ladder';

/** A rung at a second after the call. */
export interface RungState {
  readonly rung: Rung;
  /** Whether its breaker is closed: both legs are live then, switch open or not. */
  readonly isFed: boolean;
  /** Whether the 24 V coil of its bank is pulled in. */
  readonly hasCall: boolean;
  readonly isClosed: boolean;
  /** Seconds until its switch moves; null if it does not. */
  readonly movesInS: number | null;
  readonly glows: boolean;
  readonly amps: number;
}

/** The kit before a call: all off, or all on. */
export type LadderBefore = 'rest' | 'strips-on';

export interface LadderState {
  readonly ladder: Ladder;
  readonly rungs: readonly RungState[];
  readonly blower: { readonly runs: boolean; readonly because: string };
  readonly heaterAmps: number;
  /** Heaters and blower, A. */
  readonly mainAmps: number;
  /** Delay of the slowest switch that the call moves, s: nothing moves after it. */
  readonly settlesS: number;
}

/**
 * The kit at a second after the moment's call began. If the call turns on a bank, its switches close one after the
 * other; if not, they stay open, or open one after the other if strips were on before.
 * @param bench the wiring, with the simulation
 * @param seconds since the call began, s
 * @param suppliedVolts volts at the kit
 * @param openBreakers circuits with an open breaker
 * @param before the kit before this call
 */
export const ladderState = (
  facts: Facts,
  bench: Bench,
  moment: Moment,
  seconds: number,
  suppliedVolts: number,
  openBreakers: ReadonlySet<number> = new Set(),
  before: LadderBefore = 'strips-on',
): LadderState => {
  const drawn = ladder(facts);
  const { energized } = bench.at(facts, moment);
  const rungs = drawn.circuits
    .flatMap((circuit) => circuit.rungs.map((rung) => ({ rung, isFed: !openBreakers.has(circuit.at) })))
    .map(({ rung, isFed }): RungState => {
      const hasCall = energized.has(bankCoilId(rung.bank));
      const rests = !hasCall && before === 'rest';
      const movesAtS = hasCall ? rung.onS : rung.offS;
      const isClosed = hasCall ? seconds >= rung.onS : !rests && seconds < rung.offS;
      return {
        rung,
        isFed,
        hasCall,
        isClosed,
        movesInS: !rests && seconds < movesAtS ? movesAtS - seconds : null,
        glows: isClosed && isFed,
        amps: isClosed && isFed ? elementAmps(rung.element, suppliedVolts) : 0,
      };
    });
  const hasG = energized.has(BLOWER_COIL);
  const interlocked = drawn.hasInterlock && rungs.some(({ isClosed }) => isClosed);
  const heaterAmps = rungs.reduce((sum, { amps }) => sum + amps, 0);
  const isBlowerFed = drawn.hasOwnBlowerSupply || !openBreakers.has(0);
  const runs = isBlowerFed && (hasG || interlocked);
  return {
    ladder: drawn,
    rungs,
    blower: {
      runs,
      because: !isBlowerFed
        ? 'its breaker is open'
        : hasG
          ? 'G calls it'
          : interlocked
            ? 'the interlock on the first sequencer keeps it on'
            : 'nothing calls it',
    },
    heaterAmps,
    mainAmps: heaterAmps + (runs ? facts.airHandler.blowerAmps : 0),
    settlesS: Math.max(0, ...rungs.map(({ rung, hasCall }) => (hasCall ? rung.onS : rung.offS))),
  };
};
