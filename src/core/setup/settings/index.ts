import type { Setting } from '../setting';
import { AIR_SETTINGS } from './air';
import { DEFROST_SETTINGS } from './defrost';
import { EQUIPMENT_SETTINGS } from './equipment';
import { HOUSEHOLD_SETTINGS } from './household';
import { INVERTER_SETTINGS } from './inverter';
import { LOCKOUT_SETTINGS } from './lockouts';
import { PROTECTION_SETTINGS } from './protection';
import { TIMING_SETTINGS } from './timing';

/** The catalog by family, in dependency order. */
export const SETTING_FAMILIES: readonly { readonly label: string; readonly settings: readonly Setting[] }[] = [
  { label: 'Equipment', settings: EQUIPMENT_SETTINGS },
  { label: 'Lockouts', settings: LOCKOUT_SETTINGS },
  { label: 'Stages and times', settings: TIMING_SETTINGS },
  { label: 'Inverter', settings: INVERTER_SETTINGS },
  { label: 'Airflow and heat kit', settings: AIR_SETTINGS },
  { label: 'Defrost', settings: DEFROST_SETTINGS },
  { label: 'Protection and test', settings: PROTECTION_SETTINGS },
  { label: 'Household', settings: HOUSEHOLD_SETTINGS },
];

/** Every setting, in dependency order. */
export const SETTINGS: readonly Setting[] = SETTING_FAMILIES.flatMap(({ settings }) => settings);

const BY_ID: ReadonlyMap<string, Setting> = new Map(SETTINGS.map((setting) => [setting.id, setting]));

/** The setting with an id; undefined if unknown. */
export const settingById = (id: string): Setting | undefined => BY_ID.get(id);
