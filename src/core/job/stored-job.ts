import type { JobDocument } from './document';
import type { Reading } from './reading';
import type { SettingMark } from './setting-marks';
import type { Visit } from './visit';

/** A job's history. Rows are only added. */
export interface JobHistory {
  readonly readings: readonly Reading[];
  /** Values found, left and read back at its controllers. */
  readonly settingMarks: readonly SettingMark[];
  /** Visits with their reasons. Every reading and mark belongs to one. */
  readonly visits: readonly Visit[];
}

/** Empty history. */
export const NO_HISTORY: JobHistory = { readings: [], settingMarks: [], visits: [] };

/** Origin of imported history: not entered or signed here. */
export interface Imported {
  /** ISO 8601. */
  readonly at: string;
  /** Who imported it. */
  readonly by: string;
  /** What it was imported from, such as a job file with its job name. */
  readonly from: string;
}

/** A job as stored and as sent to a page. */
export interface StoredJob extends JobHistory {
  readonly id: string;
  /** Number of document saves; a save names the revision it is based on. */
  readonly revision: number;
  readonly document: JobDocument;
  readonly handedOverAt: string | null;
  /** Origin of the job and its history; missing: made here. */
  readonly imported?: Imported;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
  readonly updatedBy: string;
}
