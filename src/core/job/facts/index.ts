import { airHandler } from './air-handler';
import { cables } from './cables';
import { furnace } from './furnace';
import { gates } from './gates';
import { heatKit } from './heat-kit';
import { house } from './house';
import { outdoorUnit } from './outdoor-unit';
import { prices } from './prices';
import { schools } from './schools';
import { setup } from './setup';
import { site } from './site';
import { system } from './system';
import { talk } from './talk';
import { thermostat } from './thermostat';
import { wiring } from './wiring';

/** Every fact of a job, by group. The Sheet, the schemas and the defaults are all made from it. */
export const FACT_GROUPS = { site, house, system, outdoorUnit, airHandler, heatKit, furnace, thermostat, gates, cables, prices, wiring, talk, schools, setup };

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
  talk: 'Talk',
  schools: 'Schools',
  setup: 'Setup',
};

/** Groups that are asked for on the Setup page, not on the Sheet. */
export const SETUP_GROUPS: readonly (keyof typeof FACT_GROUPS)[] = ['talk', 'schools', 'setup'];
