import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { behaviourChanges, changeWords, fuseWords, statesByCall } from './behaviour';
import { faultsOf } from './fault';
import type { Harness } from './harness';

/** What one fault would do, in words. */
export interface FaultRow {
  readonly id: string;
  readonly words: string;
  readonly effects: readonly string[];
}

/** Every single fault of a harness with what it does in every call; a fault that shows in no coil has no effects. */
export const faultTable = (facts: Facts, harness: Harness, moment: Moment): FaultRow[] => {
  const sound = statesByCall(facts, harness, moment);
  return faultsOf(harness).map(({ id, words, fault }) => {
    const states = statesByCall(facts, harness, moment, fault);
    const fuse = fuseWords(states);
    return {
      id,
      words,
      effects: fuse
        ? [fuse]
        : behaviourChanges(harness, sound, states).map((change) => changeWords(change, sound.size)),
    };
  });
};
