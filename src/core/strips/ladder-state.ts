import type { Moment } from '../control/moment';
import { bankCoilId, BLOWER_COIL } from '../devices/ids';
import type { Facts } from '../job/document';
import type { Bench } from '../wiring/state';
import { elementAmps } from './element';
import { type Ladder, ladder, type Rung } from './ladder';

/** A rung at a second since the call. */
export interface RungState {
  readonly rung: Rung;
  /** Whether its breaker is closed: both legs are live then, switch open or not. */
  readonly isFed: boolean;
  /** Whether the 24 V coil of its bank is pulled in. */
  readonly hasCall: boolean;
  readonly isClosed: boolean;
  /** Seconds until its switch moves; null where it stays as it is. */
  readonly movesInS: number | null;
  readonly glows: boolean;
  readonly amps: number;
}

/** What the kit did before a call: nothing, or all that it can. */
export type LadderBefore = 'rest' | 'strips-on';

export interface LadderState {
  readonly ladder: Ladder;
  readonly rungs: readonly RungState[];
  readonly blower: { readonly runs: boolean; readonly because: string };
  readonly heaterAmps: number;
  /** Heaters and blower, A. */
  readonly mainAmps: number;
  /** Slowest switch that the call moves, s: after it nothing moves any more. */
  readonly settlesS: number;
}

/**
 * The kit at a second since the moment's call began. Where the call brings a bank, its switches close one after the
 * other; where it does not, they stay open, or open one after the other where strips were on before.
 * @param bench what the kit's coils depend on, and what is tried on it
 * @param seconds since the call began, s
 * @param suppliedVolts volts at the kit
 * @param openBreakers circuits whose breaker is open
 * @param before what the kit did before this call
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
  const { energised } = bench.at(facts, moment);
  const rungs = drawn.circuits
    .flatMap((circuit) => circuit.rungs.map((rung) => ({ rung, isFed: !openBreakers.has(circuit.at) })))
    .map(({ rung, isFed }): RungState => {
      const hasCall = energised.has(bankCoilId(rung.bank));
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
  const hasG = energised.has(BLOWER_COIL);
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
