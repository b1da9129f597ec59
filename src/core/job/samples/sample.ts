import type { SettingMark } from '../../setup/marks';
import type { FactPath, Facts } from '../document';
import type { Reading, ReadingValue } from '../reading';

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
}

/** One line of a sample's readings: minutes since the start, item, value, and where the clamp was. */
export type Line = readonly [minute: number, item: string, value: ReadingValue, place?: string];

/**
 * Readings of a sample visit, with ids of their own. A second line for an item corrects the first.
 * @param startAt when the visit began, ISO 8601
 */
export const visit = (family: string, startAt: string, author: string, instrument: string, lines: readonly Line[]): Reading[] => {
  const last = new Map<string, string>();
  return lines.map(([minute, item, value, place], at) => {
    const id = `${family}-${String(at + 1).padStart(12, '0')}`;
    const replaces = last.get(item) ?? null;
    last.set(item, id);
    return {
      id,
      item,
      value,
      place: place ?? null,
      at: new Date(Date.parse(startAt) + minute * 60_000).toISOString(),
      author,
      instrument: value === 'done' ? '' : instrument,
      replaces,
    };
  });
};
