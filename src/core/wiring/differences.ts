import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { type BehaviorChange, behaviorChanges, changeWords, fuseWords, statesByCall } from './behavior';
import type { Harness } from './harness';
import { singleMoves } from './moves';
import { type Bench, benchOf, type Supply } from './state';

/** One as-found difference, and what it would do by itself. */
export interface Difference {
  readonly id: string;
  readonly words: string;
  /** Its effects on a good system; empty: none. */
  readonly effects: readonly string[];
  readonly changes: readonly BehaviorChange[];
}

/**
 * As-found differences from the plan, move by move, each with its own effect on the planned system in every call.
 * Together they may do more, or mask each other: rules and meter look at the whole.
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
