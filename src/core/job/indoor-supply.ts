import { backupOf } from './backup';
import type { Facts } from './document';

/** What a furnace is fed with, V. Source: North American residential practice; its plate decides. */
export const FURNACE_SERVICE_VOLTS = 120;

/** Whether the indoor unit is a furnace with a cabinet of its own. */
export const isFurnaceIndoors = (facts: Facts): boolean =>
  facts.system.cabinet === 'split' && backupOf(facts) === 'fossil';

/** Nominal volts of the indoor unit's own supply: a furnace has its own circuit, an air handler the service's. */
export const indoorServiceVolts = (facts: Facts): number =>
  isFurnaceIndoors(facts) ? FURNACE_SERVICE_VOLTS : facts.heatKit.serviceVolts;
