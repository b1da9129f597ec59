import { airHandler } from './air-handler';
import { boxes } from './boxes';
import { cables } from './cables';
import { changeout } from './changeout';
import { furnace } from './furnace';
import { heatKit } from './heat-kit';
import { homeowner } from './homeowner';
import { house } from './house';
import { load } from './load';
import { lockouts } from './lockouts';
import { outdoorUnit } from './outdoor-unit';
import { practiceOptions } from './practice-options';
import { prices } from './prices';
import { proof } from './proof';
import { service } from './service';
import { setup } from './setup';
import { site } from './site';
import { system } from './system';
import { thermostat } from './thermostat';
import { wiring } from './wiring';
import { year } from './year';
import { zones } from './zones';

/** Every fact of a job, by group. Survey, schemas and defaults are generated from it. */
export const FACT_GROUPS = {
  site,
  house,
  load,
  system,
  outdoorUnit,
  airHandler,
  heatKit,
  furnace,
  thermostat,
  gates: lockouts,
  cables,
  prices,
  year,
  wiring,
  talk: homeowner,
  schools: practiceOptions,
  setup,
  proof,
  changeout,
  service,
  zones,
  boxes,
};

/** Label of each group. */
export const FACT_GROUP_LABELS: Record<keyof typeof FACT_GROUPS, string> = {
  site: 'Site',
  house: 'House',
  load: 'House load',
  system: 'System',
  outdoorUnit: 'Outdoor unit',
  airHandler: 'Indoor unit',
  heatKit: 'Heat kit',
  furnace: 'Furnace',
  thermostat: 'Thermostat',
  gates: 'Lockouts',
  cables: 'Cables',
  prices: 'Prices',
  year: 'A year',
  wiring: 'Wiring as found',
  talk: 'Talk',
  schools: 'Methods',
  setup: 'Setup',
  proof: 'Limits for startup',
  changeout: 'Old thermostat',
  service: 'House service',
  zones: 'Zones',
  boxes: 'Extra boxes on 24 V',
};

/** Groups that are asked on the page that uses them, not on the Survey. */
export const OFF_SURVEY_GROUPS: readonly (keyof typeof FACT_GROUPS)[] = [
  'load',
  'year',
  'talk',
  'schools',
  'setup',
  'proof',
  'changeout',
  'service',
  'zones',
  'boxes',
];
