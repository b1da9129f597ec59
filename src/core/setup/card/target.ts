import { roundTo } from '../../units/round';
import type { EntryForm, EntryOption, Means, ProfileEntry } from '../profiles/profile';
import { optionsOf, settingsOf } from '../profiles/profile';
import { resolvedById } from '../resolve';
import type { ResolvedSettings } from '../resolve-among';
import type { Setting, SettingValue } from '../setting';
import { settingById } from '../settings';
import { settingToText, settingWords } from '../value';

type NumberForm = Extract<EntryForm, { kind: 'number' }>;

/** Target of an entry. */
export type Target =
  | { readonly kind: 'set'; readonly code: string; readonly words: string; readonly note?: string }
  /** Nothing on this job decides it: it stays as found. */
  | { readonly kind: 'leave'; readonly why: string }
  /** The job needs a value that the profile has no code for. */
  | { readonly kind: 'no-code'; readonly wanted: string };

/** A value as displayed, before rounding to its steps. */
const onScale = (form: NumberForm, setting: Setting, value: number): number => {
  switch (form.scale) {
    case 'plain':
      return value;
    case 'tenths':
      return value * 10;
    case 'celsius':
      return (setting.kind === 'number' && setting.isDifference ? value : value - 32) / 1.8;
  }
};

const numberTarget = (form: NumberForm, setting: Setting, value: SettingValue): Target => {
  const wanted = `${setting.label}: ${settingWords(setting, value)}`;
  if (value === null)
    return form.none === undefined
      ? { kind: 'no-code', wanted }
      : { kind: 'set', code: form.none, words: settingWords(setting, null) };
  if (typeof value !== 'number') return { kind: 'no-code', wanted };
  const exact = onScale(form, setting, value);
  const shown = roundTo(form.min + Math.round((exact - form.min) / form.step) * form.step, 3);
  if (exact < form.min - 1e-9 || exact > form.max + 1e-9)
    return { kind: 'no-code', wanted: `${wanted}; the controller goes from ${form.min} to ${form.max}` };
  const isOffStep = Math.abs(shown - exact) > 1e-6;
  return {
    kind: 'set',
    code: String(shown),
    words: settingWords(setting, value),
    ...(isOffStep ? { note: `Calculated ${roundTo(exact, 2)}; nearest available step is ${shown}.` } : {}),
  };
};

const fits = (means: Means, settings: ResolvedSettings) =>
  Object.entries(means).every(([id, value]) => {
    const resolved = resolvedById(settings, id);
    return resolved !== undefined && resolved.absent === null && settingToText(resolved.value) === settingToText(value);
  });

/** The option that matches most of the target; undefined if none does. */
const fitting = (options: readonly EntryOption[], settings: ResolvedSettings): EntryOption | undefined =>
  options
    .filter(({ means }) => means !== undefined && Object.keys(means).length > 0 && fits(means, settings))
    .sort((a, b) => Object.keys(b.means!).length - Object.keys(a.means!).length)[0];

/** An entry's target on a job, in the controller's own code. */
export const targetOf = (entry: ProfileEntry, settings: ResolvedSettings): Target => {
  const ids = settingsOf(entry);
  if (ids.length === 0) return { kind: 'leave', why: 'Nothing on this job depends on it.' };
  const known = ids.map((id) => resolvedById(settings, id)).filter((each) => each !== undefined);
  const present = known.filter(({ absent }) => absent === null);
  if (present.length === 0)
    return { kind: 'leave', why: known[0]?.absent ?? 'The profile names a setting that does not exist.' };
  if (entry.form.kind === 'number')
    return numberTarget(entry.form, settingById(entry.form.setting)!, present[0]!.value);
  const option = fitting(optionsOf(entry), settings);
  if (option) return { kind: 'set', code: option.code, words: option.label };
  return {
    kind: 'no-code',
    wanted: present.map(({ setting, value }) => `${setting.label}: ${settingWords(setting, value)}`).join('; '),
  };
};
