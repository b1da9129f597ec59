import { apartF, isDegreeUnit } from '../units/degrees';
import type { Setting, SettingValue } from './setting';

/** A setting's value in words, unit included. */
export const settingWords = (setting: Setting, value: SettingValue): string => {
  if (setting.kind === 'choice')
    return setting.options.find((option) => option.value === value)?.label ?? String(value);
  if (value === null) return setting.none ?? 'none';
  return setting.isDifference && isDegreeUnit(setting.unit)
    ? setting.unit.replace('°F', apartF(value as number))
    : `${value}${setting.unit && ` ${setting.unit}`}`;
};

/** A value as text, for records; `settingFromText` parses it. */
export const settingToText = (value: SettingValue): string => (value === null ? 'none' : String(value));

/** What is wrong with a setting's value, as a sentence; null if nothing. */
export const settingProblem = (setting: Setting, value: SettingValue): string | null => {
  if (setting.kind === 'choice')
    return setting.options.some((option) => option.value === value)
      ? null
      : `Must be one of ${setting.options.map(({ label }) => label).join(', ')}.`;
  if (value === null) return setting.none === undefined ? 'A number must be given.' : null;
  return typeof value === 'number' && Number.isFinite(value) && value >= setting.min && value <= setting.max
    ? null
    : `Must be from ${setting.min} to ${setting.max}${setting.unit && ` ${setting.unit}`}.`;
};

/** Parses a stored value; undefined if the setting has no such value. */
export const settingFromText = (setting: Setting, text: string): SettingValue | undefined => {
  const value =
    setting.kind === 'choice'
      ? setting.options.find((option) => String(option.value) === text)?.value
      : text === 'none'
        ? null
        : Number(text);
  return value === undefined || settingProblem(setting, value) !== null || text.trim() === '' ? undefined : value;
};
