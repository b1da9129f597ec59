import { conditionsOf } from '../../control/conditions';
import { allCoils, behaviorChanges, changeWords } from '../behavior';
import { offPlan, unexplained } from './off-plan';
import type { WiringRule } from './subject';

const lowered = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

export const conditionsAsPlanned: WiringRule = {
  id: 'conditions-as-planned',
  why: 'A switch that opens for safety must stop what it is there to stop, and a fault must be seen. No call shows it.',
  check: (subject) => {
    const { harness } = subject;
    if (harness === subject.planned) return [];
    const { facts, cold, coldChanges, during, plannedDuring } = subject;
    const coils = allCoils(harness);
    return conditionsOf(facts).flatMap(({ id, when }) =>
      unexplained(behaviorChanges(harness, plannedDuring(id), during(id), coils), coldChanges).map((change) =>
        offPlan(change, {
          severity: change.kind === 'extra' ? 'error' : 'warning',
          what: `${when}: ${lowered(changeWords(change, cold.size))}`,
          aspect: `${change.kind}, ${id}`,
        }),
      ),
    );
  },
};
