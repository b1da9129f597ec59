import type { Found } from '../../job/finding';
import { allCoils, type BehaviourChange, behaviourChanges, changeWords } from '../behaviour';
import type { WiringRule } from './subject';

const found = (change: BehaviourChange, all: number, weather: string): Found => ({
  severity: 'error',
  what: `${weather}${changeWords(change, all)}`,
  mend: 'Land the conductors as planned: the moves are in the list of differences.',
  page: 'wiring',
  at: change.coil.id,
  aspect: weather === '' ? change.kind : `${change.kind}, mild`,
});

export const callsDoAsPlanned: WiringRule = {
  id: 'calls-do-as-planned',
  why: 'Each call brings what it should, and nothing else.',
  check: ({ harness, planned, cold, mild, plannedCold, plannedMild }) => {
    if (harness === planned) return [];
    const inCold = behaviourChanges(harness, plannedCold, cold, allCoils(harness));
    const isTold = ({ coil, kind }: BehaviourChange) =>
      inCold.some((each) => each.coil.id === coil.id && each.kind === kind);
    const inMild =
      mild === cold
        ? []
        : behaviourChanges(harness, plannedMild, mild, allCoils(harness)).filter((each) => !isTold(each));
    return [
      ...inCold.map((change) => found(change, cold.size, '')),
      ...inMild.map((change) => found(change, mild.size, 'In mild weather: ')),
    ];
  },
};
