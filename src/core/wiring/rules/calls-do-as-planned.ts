import type { Found } from '../../job/finding';
import { behaviourChanges, changeWords } from '../behaviour';
import type { WiringRule } from './subject';

export const callsDoAsPlanned: WiringRule = {
  id: 'calls-do-as-planned',
  why: 'Each call brings what it should, and nothing else.',
  check: ({ harness, planned, cold, plannedCold }) =>
    harness === planned
      ? []
      : behaviourChanges(harness, plannedCold, cold).map((change): Found => ({
          severity: 'error',
          what: changeWords(change, cold.size),
          mend: 'Land the conductors as planned: the moves are in the list of differences.',
          page: 'wiring',
          at: change.coil.id,
        })),
};
