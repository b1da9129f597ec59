import type { Moment } from '../control/moment';
import { NO_FAULTS } from '../control/scenario';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { observationKey, observedNow } from '../model/observation-key';

const conditionKey = (facts: Facts, at: 'outdoor' | 'indoor'): string =>
  observationKey(facts, { call: null, observable: { kind: 'temperature', at } });

/** Temperatures that a visit's readings are compared at: as read, otherwise the moment's. */
export const visitMoment = (facts: Facts, readings: readonly Reading[], moment: Moment): Moment => {
  const now = observedNow(facts, readings);
  const read = (at: 'outdoor' | 'indoor', otherwise: number): number => {
    const value = now.get(conditionKey(facts, at))?.value;
    return typeof value === 'number' ? value : otherwise;
  };
  return {
    outdoorF: read('outdoor', moment.outdoorF),
    indoorF: read('indoor', moment.indoorF),
    call: 'off',
    scenario: NO_FAULTS,
  };
};
