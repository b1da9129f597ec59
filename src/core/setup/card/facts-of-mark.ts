import type { FactChange, Facts } from '../../job/document';
import type { MarkKind } from '../../job/setting-marks';
import { optionsOf, type ProfileEntry } from '../profiles/profile';
import type { SettingFact, SettingValue } from '../setting';
import { settingById } from '../settings';
import { settingFromText, settingToText } from '../value';
import type { Target } from './target';

const valuesOf = (
  entry: ProfileEntry,
  code: string,
  target: Target,
  wanted: SettingValue,
): [string, SettingValue][] => {
  if (entry.form.kind === 'number')
    return target.kind === 'set' && target.code === code ? [[entry.form.setting, wanted]] : [];
  return Object.entries(optionsOf(entry).find((option) => option.code === code)?.means ?? {});
};

/** Facts that a mark sets: found values are as-found; left values are both as-found and the choice. */
const isTold = (kind: MarkKind, { holds }: SettingFact) =>
  kind === 'left' || (kind === 'found' && holds === 'as-found');

/**
 * Changes of facts from a mark at an entry.
 * @param wanted target value of the entry's number
 */
export const factsOfMark = (
  facts: Facts,
  entry: ProfileEntry,
  kind: MarkKind,
  code: string,
  target: Target,
  wanted: SettingValue,
): FactChange[] =>
  valuesOf(entry, code, target, wanted).flatMap(([id, raw]): FactChange[] => {
    const setting = settingById(id);
    const value = setting && settingFromText(setting, settingToText(raw));
    return setting?.fact && value !== undefined && isTold(kind, setting.fact)
      ? [{ path: setting.fact.path, value: setting.fact.write(facts, value) }]
      : [];
  });
