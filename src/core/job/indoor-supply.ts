import { backupOf } from './backup';
import type { Facts } from './document';

/** Supply of a furnace, V. Source: North American residential practice; its nameplate decides. */
export const FURNACE_SERVICE_VOLTS = 120;

/** Whether the indoor unit is a furnace in its own cabinet. */
export const isFurnaceIndoors = (facts: Facts): boolean =>
  facts.system.cabinet === 'split' && backupOf(facts) === 'fossil';

/** Nominal supply volts of the indoor unit: a furnace has its own circuit, an air handler uses the service's. */
export const indoorServiceVolts = (facts: Facts): number =>
  isFurnaceIndoors(facts) ? FURNACE_SERVICE_VOLTS : facts.heatKit.serviceVolts;
