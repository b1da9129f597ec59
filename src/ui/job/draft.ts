import type { FactPath } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { SettingMark } from '@/core/job/setting-marks';
import type { Visit } from '@/core/job/visit';

/** One save, as it is sent until it is answered. */
export interface Sending {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
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
}

/** Whether nothing waits to be acknowledged. */
export const isNothing = ({ pending, outbox, marksOut }: Pick<JobDraft, 'pending' | 'outbox' | 'marksOut'>): boolean =>
  Object.keys(pending).length + outbox.length + marksOut.length === 0;
