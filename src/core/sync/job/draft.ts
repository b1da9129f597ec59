import type { FactPath } from '../../job/document';
import type { Reading } from '../../job/reading';
import type { SettingMark } from '../../job/setting-marks';
import type { Visit } from '../../job/visit';

/** A save, the same until answered. */
export interface Sending {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
}

/** Text in a field that is not entered yet, and its page. */
export interface Typed {
  readonly text: string;
  readonly place: string;
}

/** Unacknowledged entries of a job. They survive a reload, a crash and a lost server. */
export interface JobDraft {
  /** Version of the job document that its facts are of; missing: 2. */
  readonly fileVersion?: number;
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Visits begun here; missing in drafts of an older version. */
  readonly visitsOut?: readonly Visit[];
  /** The save in progress: sent again after a reload it is the same save, and is stored once. */
  readonly sending?: Sending | null;
  /** Unfinished text in fields, by field name. */
  readonly typed?: Readonly<Record<string, Typed>>;
}

type Waiting = Pick<JobDraft, 'pending' | 'outbox' | 'marksOut' | 'typed'>;

/** Whether nothing waits for acknowledgment and no field is unfinished. */
export const isEmptyDraft = ({ pending, outbox, marksOut, typed = {} }: Waiting): boolean =>
  Object.keys(pending).length + outbox.length + marksOut.length + Object.keys(typed).length === 0;
