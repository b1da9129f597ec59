import type { JobDocument } from './document';
import type { Reading } from './reading';
import type { SettingMark } from './setting-marks';
import type { Visit } from './visit';

/** What was read and done at a job. Rows are only ever added. */
export interface JobHistory {
  readonly readings: readonly Reading[];
  /** What was found, left and read back at its controllers. */
  readonly settingMarks: readonly SettingMark[];
  /** When someone came, and why. Every reading and mark is of one of them. */
  readonly visits: readonly Visit[];
}

/** The history of a job at which nothing was done yet. */
export const NO_HISTORY: JobHistory = { readings: [], settingMarks: [], visits: [] };

/** Where something was brought in from: no one entered or signed it here. */
export interface Imported {
  /** ISO 8601. */
  readonly at: string;
  /** Who brought it in. */
  readonly by: string;
  /** What it came from, such as a job file with the job's name in it. */
  readonly from: string;
}

/** A job as the database holds it and a page receives it. */
export interface StoredJob extends JobHistory {
  readonly id: string;
  /** Counts saves of the document; a save names the revision it was made on. */
  readonly revision: number;
  readonly document: JobDocument;
  readonly handedOverAt: string | null;
  /** Where the job came from with its history; absent: it was made here. */
  readonly imported?: Imported;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
  readonly updatedBy: string;
}
