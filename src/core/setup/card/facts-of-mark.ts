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

/** Which facts a mark speaks of: what was found is as-found; what was left is both that and the choice. */
const isTold = (kind: MarkKind, { holds }: SettingFact) =>
  kind === 'left' || (kind === 'found' && holds === 'as-found');

/**
 * The facts that a mark at an entry tells the job.
 * @param wanted the value that the entry's number was to have
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
