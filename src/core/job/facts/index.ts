import { airHandler } from './air-handler';
import { cables } from './cables';
import { furnace } from './furnace';
import { gates } from './gates';
import { heatKit } from './heat-kit';
import { house } from './house';
import { outdoorUnit } from './outdoor-unit';
import { prices } from './prices';
import { site } from './site';
import { system } from './system';
import { thermostat } from './thermostat';
import { wiring } from './wiring';

/** Every fact of a job, by group. The Sheet, the schemas and the defaults are all made from it. */
export const FACT_GROUPS = { site, house, system, outdoorUnit, airHandler, heatKit, furnace, thermostat, gates, cables, prices, wiring };

/** What each group is called on screen. */
export const FACT_GROUP_LABELS: Record<keyof typeof FACT_GROUPS, string> = {
  site: 'Site',
  house: 'House',
  system: 'System',
  outdoorUnit: 'Outdoor unit',
  airHandler: 'Indoor unit',
  heatKit: 'Heat kit',
  furnace: 'Furnace',
  thermostat: 'Thermostat',
  gates: 'Lockouts',
  cables: 'Cables',
  prices: 'Prices',
  wiring: 'Wiring as found',
};
