import type { FactPath } from '../job/document';
import type { Reading } from '../job/reading';
import type { SettingMark } from '../job/setting-marks';
import type { Visit } from '../job/visit';

/** One save, as it is sent until it is answered. */
export interface Sending {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
}

/** Text that is in a field and is not entered yet, and the page on which the field is. */
export interface Typed {
  readonly text: string;
  readonly place: string;
}

/** What has been entered on a job and not been acknowledged yet. It outlives a reload, a crash and a lost server. */
export interface JobDraft {
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Visits that began here; drafts of an older version have none. */
  readonly visitsOut?: readonly Visit[];
  /** The save that is under way: sent again after a reload it is the same save, and lands once. */
  readonly sending?: Sending | null;
  /** What is in fields and is not entered yet, by the field's name. */
  readonly typed?: Readonly<Record<string, Typed>>;
}

type Waiting = Pick<JobDraft, 'pending' | 'outbox' | 'marksOut' | 'typed'>;

/** Whether nothing waits to be acknowledged, and nothing to be entered. */
export const isEmptyDraft = ({ pending, outbox, marksOut, typed = {} }: Waiting): boolean =>
  Object.keys(pending).length + outbox.length + marksOut.length + Object.keys(typed).length === 0;
