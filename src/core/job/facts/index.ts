import { airHandler } from './air-handler';
import { cables } from './cables';
import { gates } from './gates';
import { heatKit } from './heat-kit';
import { house } from './house';
import { outdoorUnit } from './outdoor-unit';
import { prices } from './prices';
import { site } from './site';
import { thermostat } from './thermostat';

/** Every fact of a job, by group. The Sheet, the schemas and the defaults are all made from it. */
export const FACT_GROUPS = { site, house, outdoorUnit, airHandler, heatKit, thermostat, gates, cables, prices };

/** What each group is called on screen. */
export const FACT_GROUP_LABELS: Record<keyof typeof FACT_GROUPS, string> = {
  site: 'Site',
  house: 'House',
  outdoorUnit: 'Outdoor unit',
  airHandler: 'Air handler',
  heatKit: 'Heat kit',
  thermostat: 'Thermostat',
  gates: 'Lockouts',
  cables: 'Cables',
  prices: 'Prices',
};
