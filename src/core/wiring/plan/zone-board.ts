import { indoorId } from '../../devices';
import { zoneCalls, zoneOut } from '../../devices/zone-board';
import type { Facts } from '../../job/document';
import { type Draft, lead, type Run, run, terminal } from './draft';

/**
 * A thermostat cable conductor at the zone board: R and C share its terminals, calls go in and out, the rest is
 * spliced.
 */
const byBoard = (facts: Facts, planned: Run): readonly Run[] => {
  if (planned.cable !== 'thermostat-cable') return [planned];
  const { from, to, colour, carries } = planned;
  const isHot = /^R[ch]?$/.test(from.mark);
  const isCall = zoneCalls(facts).includes(from.mark);
  const into = isHot ? 'R' : from.mark;
  return [
    run('thermostat-cable', from, terminal('zone-board', into), colour, carries),
    lead('zone-board', isCall ? zoneOut(into) : into, to, colour, carries),
  ];
};

/** A plan with a zone board between thermostat and equipment; unchanged without one. */
export const withZoneBoard = (facts: Facts, draft: Required<Draft>): Required<Draft> => {
  if (!facts.boxes.zoneBoard) return draft;
  const runs = draft.runs.flatMap((each) => byBoard(facts, each));
  const hasCommon = runs.some(({ from, to }) => from.device === 'zone-board' && from.mark === 'C' && to.mark === 'C');
  return {
    ...draft,
    adds: [...draft.adds, 'zone-board'],
    // A battery thermostat has no common; the zone board needs it all the same.
    runs: hasCommon ? runs : [...runs, lead('zone-board', 'C', terminal(indoorId(facts), 'C'), 'blue', 'common')],
    notes: [
      ...draft.notes,
      'Zone board: the thermostats of the other zones land on its other inputs, its dampers on its outputs, per its manufacturer.',
    ],
  };
};
