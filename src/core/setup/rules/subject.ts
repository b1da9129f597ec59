import type { FactChange, Facts } from '../../job/document';
import type { Found } from '../../job/finding';
import { changesToSet } from '../resolve';
import type { ResolvedSettings } from '../resolve-among';
import type { SettingValue } from '../setting';
import type { SettingId } from '../setting-id';
import { settingById } from '../settings';
import { settingWords } from '../value';

/** Subject of the setup rules: facts and settings. */
export interface SetupSubject {
  readonly facts: Facts;
  readonly settings: ResolvedSettings;
}

/** Value of a setting; null if it does not apply. */
export const valueOf = ({ settings }: SetupSubject, id: SettingId): SettingValue => settings.get(id)?.value ?? null;

/** A setting's value as a number; null if it is not one. */
export const numberOf = (subject: SetupSubject, id: SettingId): number | null => {
  const value = valueOf(subject, id);
  return typeof value === 'number' ? value : null;
};

/** Changes that set a setting, with the rule's reason if not the calculated value. */
export const toSet = (
  { facts, settings }: SetupSubject,
  id: SettingId,
  value: SettingValue,
  reason: string,
): readonly FactChange[] => changesToSet(facts, settings.get(id)!, value, reason);

/** A finding about a setting: it points there, and is fixed there. */
export const about = (id: SettingId, found: Pick<Found, 'severity' | 'what' | 'fix'> & Partial<Found>): Found => ({
  page: 'setup',
  at: `setup.${id}`,
  ...found,
});

/** A setting's name and value for a sentence. */
export const words = (subject: SetupSubject, id: SettingId): string =>
  settingWords(settingById(id)!, valueOf(subject, id));
