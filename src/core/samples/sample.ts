import type { FactPath, Facts } from '../job/document';
import { inTime } from '../job/in-time';
import { type Reading, type ReadingValue, takenReading } from '../job/reading';
import type { MarkKind, SettingMark } from '../job/setting-marks';
import type { Visit } from '../job/visit';
import { type ControllerProfile, entryKey, optionsOf } from '../setup/profiles/profile';

/** A made-up job that ships with the application. */
export interface Sample {
  readonly id: string;
  readonly about: string;
  readonly fileId: string;
  readonly facts: Facts;
  readonly confirmed: readonly FactPath[];
  readonly handedOverAt: string | null;
  readonly readings: readonly Reading[];
  readonly settingMarks?: readonly SettingMark[];
  readonly visits: readonly Visit[];
}

/** One line of a sample's readings: minutes since the start, item, value, and clamp place. */
export type Line = readonly [minute: number, item: string, value: ReadingValue, place?: string];

/** Readings of a sample visit with fixed ids. A second line for an item corrects the first. */
export const readingsOn = (
  { id: visit, began, author }: Visit,
  family: string,
  instrument: string,
  lines: readonly Line[],
): Reading[] => {
  const last = new Map<string, string>();
  return lines.map(([minute, item, value, place], at) => {
    const id = `${family}-${String(at + 1).padStart(12, '0')}`;
    const replaces = last.get(item) ?? null;
    last.set(item, id);
    return takenReading({
      id,
      visit,
      item,
      value,
      place: place ?? null,
      at: new Date(Date.parse(began) + minute * 60_000).toISOString(),
      author,
      instrument: value === 'done' ? '' : instrument,
      replaces,
    });
  });
};

/**
 * One line of a sample visit at a controller: minutes since the start, entry key (or a step of the card), kind, value.
 */
export type MarkLine = readonly [minute: number, entry: string, kind: MarkKind, value: string];

/** Marks of a sample visit at one controller, with fixed ids. */
export const marksOn = (
  { id: visit, began, author }: Visit,
  profile: ControllerProfile,
  family: string,
  lines: readonly MarkLine[],
): SettingMark[] =>
  lines.map(([minute, key, kind, value], at) => {
    const entry = profile.entries.find(({ scope, code }) => entryKey(scope, code) === key);
    return {
      id: `${family}-${String(at + 1).padStart(12, '0')}`,
      at: new Date(Date.parse(began) + minute * 60_000).toISOString(),
      origin: null,
      visit,
      author,
      enteredBy: author,
      controller: profile.role,
      profile: profile.id,
      entry: key,
      code: entry?.code ?? '',
      label: entry?.label ?? key.replace('step-', ''),
      kind,
      value,
      words: entry ? (optionsOf(entry).find(({ code }) => code === value)?.label ?? value) : value,
    };
  });

/** Marks of several controllers in time order, as in the record. */
export const together = (...marks: readonly (readonly SettingMark[])[]): SettingMark[] => inTime(marks.flat());
