import { diagnose, type Suspect } from '../diagnosis/diagnosis';
import { bitsOf, LEAST_BITS } from '../diagnosis/next-probe';
import { posterior } from '../diagnosis/posterior';
import type { Probe } from '../diagnosis/probe';
import type { Act } from './act';
import type { Bench, Rig } from './rig';
import { solveRound } from './solve';

/** From this likelihood on what is named is known, and not guessed. */
export const PROVEN_AT = 0.8;

/** How a round is judged. */
export interface Score {
  readonly result: 'found' | 'guessed' | 'wrong' | 'unsafe';
  readonly seconds: number;
  /** What the best line takes, s, and in how many readings. */
  readonly bestSeconds: number;
  readonly bestReadings: number;
  readonly readings: number;
  /** Readings that could tell nothing when they were taken. */
  readonly toldNothing: number;
}

/** What stood after an act, and what would have told more than it did. */
export interface Replayed {
  readonly act: Act;
  readonly seconds: number;
  /** The likeliest few, and how likely. */
  readonly suspects: readonly Suspect[];
  /** What the act's reading could be expected to tell, bits; null: it was none. */
  readonly bits: number | null;
  /** What would have told most then; null: it did, or nothing would. */
  readonly better: Probe | null;
}

const SHOWN_SUSPECTS = 3;

const resultOf = ({ end }: Rig): Score['result'] => {
  if (end?.kind !== 'named') return 'unsafe';
  if (!end.isRight) return 'wrong';
  return end.p >= PROVEN_AT ? 'found' : 'guessed';
};

/** Goes through a round again: what stood after each act, and what would have told more. */
export const replay = ({ clinic }: Bench, { complaint, done, evidence }: Rig): Replayed[] => {
  let taken = 0;
  const at = (count: number) => diagnose(clinic, { complaint, evidence: evidence.slice(0, count), skipped: [] });
  let before = at(0);
  return done.map(({ act, seconds, seen: reading }): Replayed => {
    const bits = reading
      ? bitsOf(clinic.table.row(reading.probe), posterior(clinic.table, complaint, evidence.slice(0, taken)))
      : null;
    const [offer] = before.offers;
    const better = reading && offer && offer.probe.id !== reading.probe.id && offer.bits > bits! ? offer.probe : null;
    if (reading) before = at(++taken);
    return { act, seconds, suspects: before.suspects.slice(0, SHOWN_SUSPECTS), bits, better };
  });
};

/**
 * Judges a round that has ended, against the line that the diagnosis itself takes.
 * @param bench as it was played on; `best` is played on one of its own, so that its meters spread alike
 * @param lines the round gone through again, where that was done already
 */
export const scoreRound = (bench: Bench, rig: Rig, best: Bench, lines = replay(bench, rig)): Score => {
  const line = solveRound(best);
  return {
    result: resultOf(rig),
    seconds: rig.seconds,
    bestSeconds: line.seconds,
    bestReadings: line.evidence.length,
    readings: rig.evidence.length,
    toldNothing: lines.filter(({ bits }) => bits !== null && bits < LEAST_BITS).length,
  };
};
