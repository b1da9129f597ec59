import { atIndoor, atOutdoor, type Moment } from '../control/moment';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { observedNow } from '../model/observation-key';

/** Keys of the condition readings. */
export const OUTDOOR_ITEM = 'conditions/outdoor';
export const INDOOR_ITEM = 'conditions/indoor';

/** The moment after a reading: measured temperatures apply to all pages. */
export const momentAsMeasured = (moment: Moment, { item, value }: Pick<Reading, 'item' | 'value'>): Moment => {
  if (typeof value !== 'number') return moment;
  if (item === OUTDOOR_ITEM) return atOutdoor(moment, value);
  return item === INDOOR_ITEM ? atIndoor(moment, value) : moment;
};

/** The moment of a visit: its measured temperatures, else those of another moment. */
export const momentOf = (facts: Facts, readings: readonly Reading[], otherwise: Moment): Moment =>
  [...observedNow(facts, readings).values()].reduce(momentAsMeasured, otherwise);
