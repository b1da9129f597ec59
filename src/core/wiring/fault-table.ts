import type { Moment } from '../control/moment';
import type { FaultCode } from '../control/scenario';
import type { Facts } from '../job/document';
import { behaviorChanges, changeWords, fuseWords, statesByCall } from './behavior';
import { consequence } from './consequence';
import { faultsOf } from './fault';
import { asPlannedState, type Bench } from './state';

/** Effects of one fault, in words. */
export interface FaultRow {
  readonly code: FaultCode;
  readonly words: string;
  /** Its consequence for the house, in a few words. */
  readonly consequence: string;
  readonly effects: readonly string[];
}

/** Every single fault of a harness with its effects in every call; empty effects if no coil shows it. */
export const faultTable = (facts: Facts, bench: Bench, moment: Moment): FaultRow[] => {
  const sound = asPlannedState(moment);
  const before = statesByCall(facts, bench, sound);
  return faultsOf(bench.harness).map(({ code, words }) => {
    const after = statesByCall(facts, bench, { ...sound, scenario: { conditions: [], faults: [code] } });
    const fuse = fuseWords(after);
    const changes = behaviorChanges(bench.harness, before, after);
    return {
      code,
      words,
      consequence: consequence(changes, fuse !== null),
      effects: fuse ? [fuse] : changes.map((change) => changeWords(change, before.size)),
    };
  });
};
