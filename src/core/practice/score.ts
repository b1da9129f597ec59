import { diagnose, type Suspect } from '../diagnosis/diagnosis';
import { bitsOf, LEAST_BITS } from '../diagnosis/next-probe';
import { posterior } from '../diagnosis/posterior';
import type { Probe } from '../diagnosis/probe';
import type { Act } from './act';
import type { Bench, Rig } from './rig';
import { solveRound } from './solve';

/** At this likelihood the named cause is known, not guessed. */
export const PROVEN_AT = 0.8;

/** Score of a round. */
export interface Score {
  readonly result: 'found' | 'guessed' | 'wrong' | 'unsafe';
  readonly seconds: number;
  /** Time and readings of the best solution, s. */
  readonly bestSeconds: number;
  readonly bestReadings: number;
  readonly readings: number;
  /** Readings that could tell nothing when taken. */
  readonly toldNothing: number;
}

/** Suspects after an act, and a reading that would have told more. */
export interface Replayed {
  readonly act: Act;
  readonly seconds: number;
  /** The most likely ones with their likelihood. */
  readonly suspects: readonly Suspect[];
  /** Expected information of the act's reading, bits; null: not a reading. */
  readonly bits: number | null;
  /** The most informative reading then; null: it was, or none was. */
  readonly better: Probe | null;
}

const SHOWN_SUSPECTS = 3;

const resultOf = ({ end }: Rig): Score['result'] => {
  if (end?.kind !== 'named') return 'unsafe';
  if (!end.isRight) return 'wrong';
  return end.p >= PROVEN_AT ? 'found' : 'guessed';
};

/** Replays a round: suspects after each act, and what would have told more. */
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
 * Scores a finished round against the diagnosis's own solution.
 * @param bench the bench it was played on; `best` is played on a separate one, so that its meters scatter alike
 * @param lines the replay, if already computed
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
