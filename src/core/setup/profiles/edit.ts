import { cutText } from '../../border/text';
import type { ControllerRole } from '../../job/controllers';
import type { Setting } from '../setting';
import { settingById } from '../settings';
import { settingToText } from '../value';
import {
  type Condition,
  type ControllerProfile,
  type EntryForm,
  type EntryOption,
  optionsOf,
  PROFILE_FILE_VERSION,
  PROFILE_FORMAT,
  type ProfileEntry,
  settingsOf,
} from './profile';

/** An empty profile to edit. */
export const blankProfile = (id: string, name: string, role: ControllerRole): ControllerProfile => ({
  format: PROFILE_FORMAT,
  fileVersion: PROFILE_FILE_VERSION,
  id,
  name,
  role,
  about: '',
  scopes: [{ id: 'this', label: 'This unit' }],
  before: [],
  enter: [],
  save: [],
  activate: [],
  readBack: [],
  delays: [],
  banks: [],
  jumpers: [],
  entries: [],
});

/** A copy of a profile with its own id and name. */
export const copyOfProfile = (profile: ControllerProfile, id: string): ControllerProfile => ({
  ...profile,
  id,
  name: `${cutText(profile.name, 73)} (copy)`,
});

/** Id of a new profile: its name in lower case, with a unique suffix. */
export const profileIdOf = (name: string, tail: string): string => {
  const head = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  return `${head || 'controller'}-${tail.replace(/[^a-z0-9]/g, '').slice(0, 8)}`;
};

/** A new entry: in the scope of the one before, with the next code if codes are numbered. */
export const nextEntry = ({ entries, scopes }: ControllerProfile): ProfileEntry => {
  const last = entries.at(-1);
  const counted = last?.code.match(/^(.*?)(\d+)$/);
  const code = counted ? `${counted[1]}${String(Number(counted[2]) + 1).padStart(counted[2]!.length, '0')}` : '';
  return { code, label: '', scope: last?.scope ?? scopes[0]?.id ?? '', form: { kind: 'menu', options: [] } };
};

const optionsFor = (setting: Setting): EntryOption[] =>
  setting.kind === 'choice'
    ? setting.options.map(({ value, label }, at) => ({ code: String(at), label, means: { [setting.id]: value } }))
    : [];

/**
 * Adds a setting to an entry. A new entry gets the setting's own form: options numbered from 0, or a number with its
 * range. An entry with options keeps them.
 */
export const speakingOf = (entry: ProfileEntry, settingId: string): ProfileEntry => {
  const setting = settingById(settingId);
  if (!setting || settingsOf(entry).includes(settingId)) return entry;
  const options = optionsOf(entry);
  if (
    entry.form.kind === 'number' ||
    (options.length === 0 && setting.kind === 'number' && entry.form.kind === 'menu')
  ) {
    if (setting.kind !== 'number')
      return { ...entry, label: entry.label || setting.label, form: { kind: 'menu', options: optionsFor(setting) } };
    const { min, max, step } = setting;
    return {
      ...entry,
      label: entry.label || setting.label,
      form: { kind: 'number', setting: settingId, min, max, step, scale: 'plain' },
    };
  }
  const first = setting.kind === 'choice' ? setting.options[0]!.value : setting.usual;
  const spoken =
    options.length === 0
      ? optionsFor(setting)
      : options.map((option) => ({ ...option, means: { ...option.means, [settingId]: first } }));
  return { ...entry, label: entry.label || setting.label, form: { ...entry.form, options: spoken } };
};

/** Removes a setting from an entry. */
export const silentOn = (entry: ProfileEntry, settingId: string): ProfileEntry =>
  entry.form.kind === 'number'
    ? { ...entry, form: { kind: 'menu', options: [] } }
    : {
        ...entry,
        form: {
          ...entry.form,
          options: entry.form.options.map(({ means, ...option }) => {
            const left = Object.entries(means ?? {}).filter(([id]) => id !== settingId);
            return left.length === 0 ? option : { ...option, means: Object.fromEntries(left) };
          }),
        },
      };

const asPattern = (code: string, at: number, switches: number) =>
  /^[01]+$/.test(code) && code.length === switches ? code : at.toString(2).padStart(switches, '0').slice(-switches);

/**
 * An entry in another form; its options stay, with codes that suit the form.
 * @param earlier its previous forms, latest last: a number has no options, so earlier ones come back
 */
export const inForm = (
  profile: ControllerProfile,
  entry: ProfileEntry,
  kind: EntryForm['kind'],
  earlier: readonly EntryForm[] = [],
): ProfileEntry => {
  if (entry.form.kind === kind) return entry;
  const before = earlier.findLast((form) => form.kind === kind);
  if (before && (kind === 'number' || entry.form.kind === 'number')) return { ...entry, form: before };
  const withOptions = earlier.findLast((form) => form.kind !== 'number');
  const options =
    entry.form.kind === 'number' && withOptions ? optionsOf({ ...entry, form: withOptions }) : optionsOf(entry);
  switch (kind) {
    case 'menu':
      return { ...entry, form: { kind, options } };
    case 'number': {
      const numeric = settingsOf(entry).find((id) => settingById(id)?.kind === 'number');
      const setting = numeric === undefined ? undefined : settingById(numeric);
      return setting?.kind === 'number'
        ? {
            ...entry,
            form: { kind, setting: setting.id, min: setting.min, max: setting.max, step: setting.step, scale: 'plain' },
          }
        : { ...entry, form: { kind, setting: '', min: 0, max: 100, step: 1, scale: 'plain' } };
    }
    case 'switches':
      return {
        ...entry,
        form: {
          kind,
          bank: profile.banks[0]?.id ?? '',
          positions: [1],
          options: options.map((option, at) => ({ ...option, code: asPattern(option.code, at, 1) })),
        },
      };
    case 'jumper': {
      const block = profile.jumpers[0];
      return {
        ...entry,
        form: {
          kind,
          block: block?.id ?? '',
          options: options.map((option, at) => ({ ...option, code: block?.pins[at] ?? option.code })),
        },
      };
    }
  }
};

/** One "entry is one of" test of a flat condition. */
export interface SimpleTest {
  readonly entry: string;
  readonly scope?: string;
  readonly is: readonly string[];
}

/** A condition as a flat list of tests joined by all or any; null if nested deeper. */
export const asTests = (
  condition: Condition | undefined,
): { readonly joint: 'all' | 'any'; readonly tests: readonly SimpleTest[] } | null => {
  if (condition === undefined) return { joint: 'all', tests: [] };
  if ('entry' in condition) return { joint: 'all', tests: [condition] };
  const joint = 'all' in condition ? 'all' : 'any';
  const parts = 'all' in condition ? condition.all : condition.any;
  const flat = parts.flatMap((part) => ('entry' in part ? [part] : []));
  return flat.length === parts.length ? { joint, tests: flat } : null;
};

/** An entry with a flat condition; no tests: always shown. */
export const shownBy = (
  { shownWhen: _before, ...entry }: ProfileEntry,
  joint: 'all' | 'any',
  tests: readonly SimpleTest[],
): ProfileEntry => {
  const [only, ...more] = tests;
  if (!only) return entry;
  return { ...entry, shownWhen: more.length === 0 ? only : joint === 'all' ? { all: tests } : { any: tests } };
};

/** A list with one item moved; unchanged if there is no room. */
export const movedBy = <T>(list: readonly T[], at: number, by: number): readonly T[] => {
  const to = at + by;
  if (to < 0 || to >= list.length) return list;
  const left = list.filter((_, index) => index !== at);
  return [...left.slice(0, to), list[at]!, ...left.slice(to)];
};

/** Values of a setting that an option can mean, as text and words; empty for a number. */
export const valuesOfSetting = (settingId: string): readonly { readonly text: string; readonly label: string }[] => {
  const setting = settingById(settingId);
  return setting?.kind === 'choice'
    ? setting.options.map(({ value, label }) => ({ text: settingToText(value), label }))
    : [];
};
