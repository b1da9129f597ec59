import { allCoils, type BehaviorChange, behaviorChanges, changeWords } from '../behavior';
import { offPlan, unexplained } from './off-plan';
import type { WiringRule } from './subject';

const found = (change: BehaviorChange, all: number, weather: string) =>
  offPlan(change, {
    severity: 'error',
    what: `${weather}${changeWords(change, all)}`,
    aspect: weather === '' ? change.kind : `${change.kind}, mild`,
  });

export const callsDoAsPlanned: WiringRule = {
  id: 'calls-do-as-planned',
  why: 'Each call should turn on what it should, and nothing else.',
  check: (subject) => {
    const { harness } = subject;
    if (harness === subject.planned) return [];
    const { cold, mild, plannedMild, coldChanges } = subject;
    const inMild =
      mild === cold ? [] : unexplained(behaviorChanges(harness, plannedMild, mild, allCoils(harness)), coldChanges);
    return [
      ...coldChanges.map((change) => found(change, cold.size, '')),
      ...inMild.map((change) => found(change, mild.size, 'In mild weather: ')),
    ];
  },
};
