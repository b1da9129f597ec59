import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { type BehaviorChange, behaviorChanges, changeWords, fuseWords, statesByCall } from './behaviour';
import type { Harness } from './harness';
import { singleMoves } from './moves';
import { type Bench, benchOf, type Supply } from './state';

/** One thing that was found otherwise than planned, and what it alone would have done. */
export interface Difference {
  readonly id: string;
  readonly words: string;
  /** What a good system would do wrong with this alone; empty: nothing. */
  readonly effects: readonly string[];
  readonly changes: readonly BehaviorChange[];
}

/**
 * What was found otherwise than planned, move by move, each with what it alone would do to the planned system in every
 * call. Everything together may do more, or hide a part: the rules and the meter look at the whole.
 */
export const differences = (
  facts: Facts,
  sound: Bench,
  found: Harness,
  moment: Moment,
  supply: Supply,
): Difference[] => {
  const planned = sound.harness;
  const moves = singleMoves(planned, found);
  if (moves.length === 0) return [];
  const before = statesByCall(facts, sound, moment);
  return moves.map(({ id, words, apply }) => {
    const after = statesByCall(facts, benchOf(apply(planned), supply), moment);
    const fuse = fuseWords(after);
    const changes = behaviorChanges(planned, before, after);
    return { id, words, changes, effects: fuse ? [fuse] : changes.map((change) => changeWords(change, before.size)) };
  });
};
