import { conditionsOf } from '../../control/conditions';
import type { Found } from '../../job/finding';
import { allCoils, type BehaviourChange, behaviourChanges, changeWords } from '../behaviour';
import type { WiringRule } from './subject';

const lowered = (words: string) => words[0]!.toLowerCase() + words.slice(1);

export const conditionsAsPlanned: WiringRule = {
  id: 'conditions-as-planned',
  why: 'A switch that opens for safety must stop what it is there to stop, and a fault must be seen. No call shows it.',
  check: ({ facts, harness, planned, cold, plannedCold, during, plannedDuring }) => {
    if (harness === planned) return [];
    const coils = allCoils(harness);
    const inCalls = behaviourChanges(harness, plannedCold, cold, coils);
    const isTold = ({ coil, kind }: BehaviourChange) =>
      inCalls.some((each) => each.coil.id === coil.id && each.kind === kind);
    return conditionsOf(facts).flatMap(({ id, when }) =>
      behaviourChanges(harness, plannedDuring(id), during(id), coils)
        .filter((change) => !isTold(change))
        .map((change): Found => ({
          severity: change.kind === 'extra' ? 'error' : 'warning',
          what: `${when}: ${lowered(changeWords(change, cold.size))}`,
          mend: 'Land the conductors as planned: the moves are in the list of differences.',
          page: 'wiring',
          at: change.coil.id,
          aspect: `${change.kind}, ${id}`,
        })),
    );
  },
};
