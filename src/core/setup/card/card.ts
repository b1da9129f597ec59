import { currentMarks, type SettingMark } from '../../job/setting-marks';
import { hiddenBecause } from '../profiles/condition';
import { type ControllerProfile, entryKey, optionsOf, type ProfileEntry, settingsOf } from '../profiles/profile';
import { marksByCurrentCodes } from '../profiles/renamed-entries';
import { resolvedById } from '../resolve';
import type { ResolvedSetting, ResolvedSettings } from '../resolve-among';
import type { SettingId } from '../setting-id';
import { SETTINGS } from '../settings';
import { type Target, targetOf } from './target';

/** One entry of a card: its target and reason, and its marks. */
export interface CardLine {
  readonly entry: ProfileEntry;
  readonly key: string;
  readonly target: Target;
  /** Its settings, with reasons. */
  readonly settings: readonly ResolvedSetting[];
  readonly found: SettingMark | null;
  /** Value left on this visit. */
  readonly left: SettingMark | null;
  /** Value left on an earlier visit, if something was found since. */
  readonly before: SettingMark | null;
  readonly readBack: SettingMark | null;
  /** Whether it has its target value, by what was found or left, and does not read back as another. */
  readonly isAsWanted: boolean;
}

/** Steps other than entries: before, enter, save, activate, read back. */
export interface CardSteps {
  readonly id: string;
  readonly title: string;
  readonly steps: readonly string[];
  readonly done: SettingMark | null;
}

/** One screen of the card. */
export type CardScreen =
  { readonly kind: 'steps'; readonly steps: CardSteps } | { readonly kind: 'entry'; readonly line: CardLine };

/** Something that the job needs and the card cannot provide. */
export interface CardGap {
  readonly setting: string;
  readonly what: string;
  readonly fix: string;
  /** Whether heat, equipment or safety depends on it; reminders and display settings do not. */
  readonly matters: boolean;
}

/** The card of one controller. */
export interface Card {
  readonly profile: ControllerProfile;
  readonly screens: readonly CardScreen[];
  readonly lines: readonly CardLine[];
  /** Entries that the controller hides, and why. */
  readonly skipped: readonly { readonly entry: ProfileEntry; readonly why: string }[];
  readonly gaps: readonly CardGap[];
}

/** The entry's code after the card is done; null: unknown. */
const codeToBe = ({ target, left, found, entry }: CardLine): string | null =>
  target.kind === 'set' ? target.code : (left?.value ?? found?.value ?? entry.factory ?? null);

const lineOf = (entry: ProfileEntry, settings: ResolvedSettings, marks: ReadonlyMap<string, SettingMark>): CardLine => {
  const key = entryKey(entry.scope, entry.code);
  const found = marks.get(`${key}|found`) ?? null;
  const lastLeft = marks.get(`${key}|left`) ?? null;
  const isEarlier = lastLeft !== null && found !== null && found.at > lastLeft.at;
  const left = isEarlier ? null : lastLeft;
  const target = targetOf(entry, settings);
  const standing = left ?? found;
  const readBack = marks.get(`${key}|read-back`) ?? null;
  // Read back as another value, it is not what was set: the controller did not keep it.
  const isDenied =
    standing !== null && readBack !== null && readBack.at >= standing.at && readBack.value !== standing.value;
  return {
    entry,
    key,
    target,
    settings: settingsOf(entry).flatMap((id) => resolvedById(settings, id) ?? []),
    found,
    left,
    before: isEarlier ? lastLeft : null,
    readBack,
    isAsWanted: target.kind === 'set' ? standing?.value === target.code && !isDenied : target.kind === 'leave',
  };
};

/** Convenience settings: without them the system heats, cools and protects itself all the same. */
const MINOR_SETTINGS: ReadonlySet<SettingId> = new Set([
  'temperature-scale',
  'clock',
  'schedule',
  'wake-time',
  'sleep-time',
  'setback',
  'lock',
  'reminder-basis',
  'filter-reminder',
  'service-reminder',
  'humidifier-reminder',
  'lamp-reminder',
  'screen',
]);

/** Whether it belongs to this controller first and differs from the usual default. */
const isNeeded = ({ setting, absent, value }: ResolvedSetting, profile: ControllerProfile) =>
  absent === null && setting.on[0] === profile.role && value !== setting.usual;

const gapsOf = (
  profile: ControllerProfile,
  settings: ResolvedSettings,
  lines: readonly CardLine[],
  skipped: Card['skipped'],
): CardGap[] => {
  const without = lines.flatMap(({ entry, target }) =>
    target.kind === 'no-code'
      ? [
          {
            setting: settingsOf(entry)[0]!,
            matters: true,
            what: `${entry.code} ${entry.label}: no code in this profile for ${target.wanted}.`,
            fix: 'Look it up in the manual, and add the option to the profile.',
          },
        ]
      : [],
  );
  const shown = new Set(lines.flatMap(({ entry }) => settingsOf(entry)));
  const hidden = new Map(
    skipped.flatMap(({ entry, why }) => settingsOf(entry).map((id) => [id, { entry, why }] as const)),
  );
  const elsewhere = SETTINGS.filter(({ id }) => !shown.has(id) && isNeeded(settings.get(id)!, profile)).map(
    ({ id, label }): CardGap => {
      const behind = hidden.get(id);
      return behind
        ? {
            setting: id,
            matters: !MINOR_SETTINGS.has(id),
            what: `${label} is needed, but ${behind.entry.code} ${behind.entry.label} is ${behind.why}.`,
            fix: 'Check the entry that hides it, or the profile’s condition.',
          }
        : {
            setting: id,
            matters: !MINOR_SETTINGS.has(id),
            what: `${label} is needed, but this profile has no entry for it.`,
            fix: 'If the manual has one, add it to the profile. If not, set it on another controller or in the wiring.',
          };
    },
  );
  return [...without, ...elsewhere];
};

/**
 * The card of one controller: its entries in display order, with the codes that this job needs; entries that the
 * controller will hide are skipped.
 * @param marks all setting marks of the job so far
 */
export const cardOf = (
  profile: ControllerProfile,
  settings: ResolvedSettings,
  allMarks: readonly SettingMark[] = [],
): Card => {
  const marks = currentMarks(marksByCurrentCodes(allMarks), profile.role, profile.id);
  const codes = new Map<string, string | null>();
  const lines: CardLine[] = [];
  const skipped: { entry: ProfileEntry; why: string }[] = [];
  for (const entry of profile.entries) {
    const why = hiddenBecause(entry, codes);
    if (why !== null) {
      skipped.push({ entry, why });
      continue;
    }
    const line = lineOf(entry, settings, marks);
    lines.push(line);
    codes.set(line.key, codeToBe(line));
  }
  const stepsOf = (id: string, title: string, steps: readonly string[]): CardScreen[] =>
    steps.length === 0
      ? []
      : [{ kind: 'steps', steps: { id, title, steps, done: marks.get(`step-${id}|done`) ?? null } }];
  const scopes = profile.scopes.filter(({ id }) => lines.some(({ entry }) => entry.scope === id));
  // Entries come in display order; a scope is saved after its last entry.
  const savedAfter = new Map(
    scopes.map(({ id, label }) => [lines.findLast(({ entry }) => entry.scope === id)!.key, { id, label }] as const),
  );
  return {
    profile,
    lines,
    skipped,
    gaps: gapsOf(profile, settings, lines, skipped),
    screens: [
      ...stepsOf('before', 'Before you start', profile.before),
      ...stepsOf('enter', 'Enter setup', profile.enter),
      ...lines.flatMap((line): CardScreen[] => {
        const scope = savedAfter.get(line.key);
        const title = scope && scopes.length > 1 ? `Save: ${scope.label}` : 'Save';
        return [{ kind: 'entry', line }, ...(scope ? stepsOf(`save-${scope.id}`, title, profile.save) : [])];
      }),
      ...stepsOf('activate', 'Activate', profile.activate),
      ...stepsOf('read-back', 'Read back', profile.readBack),
    ],
  };
};

/** A code in words: its option's label, or the number itself. */
export const wordsOfCode = (entry: ProfileEntry, code: string): string =>
  optionsOf(entry).find((option) => option.code === code)?.label ?? code;
