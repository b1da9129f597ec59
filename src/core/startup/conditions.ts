import { atIndoor, atOutdoor, type Moment } from '../control/moment';
import type { Reading } from '../job/reading';

/** Keys of the readings that say what day it is. */
export const OUTDOOR_ITEM = 'conditions/outdoor';
export const INDOOR_ITEM = 'conditions/indoor';

/** The moment after a reading: a temperature that was measured is the one that all pages answer for. */
export const momentAsMeasured = (moment: Moment, { item, value }: Pick<Reading, 'item' | 'value'>): Moment => {
  if (typeof value !== 'number') return moment;
  if (item === OUTDOOR_ITEM) return atOutdoor(moment, value);
  return item === INDOOR_ITEM ? atIndoor(moment, value) : moment;
};
