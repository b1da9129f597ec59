import type { ControllerRole } from './controllers';
import { inTime, type Timed } from './in-time';

/** Kinds of marks at an entry: value found, value left, value read back; or a step done. */
export const MARK_KINDS = { found: 'As found', left: 'As left', 'read-back': 'Read back', done: 'Done' } as const;
export type MarkKind = keyof typeof MARK_KINDS;

/** One mark at a controller, with time and author. Marks are never changed: a newer one of the same kind counts. */
export interface SettingMark extends Timed {
  /** The visit on which it was done. */
  readonly visit: string;
  readonly author: string;
  /** Who was signed in at entry; empty in older records: the author. */
  readonly enteredBy: string;
  readonly controller: ControllerRole;
  /** Id of the controller's profile. */
  readonly profile: string;
  /** Key of the entry or step within the profile. */
  readonly entry: string;
  /** The controller's code and label, so that the record reads without the profile. */
  readonly code: string;
  readonly label: string;
  readonly kind: MarkKind;
  /** The option's code or the displayed number; empty: withdrawn. */
  readonly value: string;
  readonly words: string;
}

/** A mark before id, time, origin, visit and author. */
export type NewMark = Omit<SettingMark, keyof Timed | 'visit' | 'author' | 'enteredBy'>;

/** The counting mark of each entry and kind of one controller: the last, unless withdrawn. */
export const currentMarks = (
  marks: readonly SettingMark[],
  controller: ControllerRole,
  profile: string,
): ReadonlyMap<string, SettingMark> => {
  const current = new Map<string, SettingMark>();
  for (const mark of inTime(marks)) {
    if (mark.controller !== controller || mark.profile !== profile) continue;
    const key = `${mark.entry}|${mark.kind}`;
    if (mark.value === '') current.delete(key);
    else current.set(key, mark);
  }
  return current;
};

/** One entry of the settings record: last found, left and read-back values. */
export interface SettingRecord {
  readonly controller: ControllerRole;
  readonly profile: string;
  readonly code: string;
  readonly label: string;
  readonly found: SettingMark | null;
  readonly left: SettingMark | null;
  readonly readBack: SettingMark | null;
}

/** A job's settings record by controller, in order of first mark. Steps are omitted. */
export const settingRecords = (marks: readonly SettingMark[]): SettingRecord[] => {
  const records = new Map<string, SettingRecord>();
  for (const { controller, profile, entry, code, label } of inTime(marks).filter(({ kind }) => kind !== 'done')) {
    const current = currentMarks(marks, controller, profile);
    const of = (kind: MarkKind) => current.get(`${entry}|${kind}`) ?? null;
    const record = {
      controller,
      profile,
      code,
      label,
      found: of('found'),
      left: of('left'),
      readBack: of('read-back'),
    };
    if (record.found ?? record.left ?? record.readBack) records.set(`${controller}|${profile}|${entry}`, record);
  }
  return [...records.values()];
};
