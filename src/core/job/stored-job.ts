import type { JobDocument } from './document';
import type { Reading } from './reading';
import type { SettingMark } from './setting-marks';

/** What was read and done at a job. Rows are only ever added. */
export interface JobHistory {
  readonly readings: readonly Reading[];
  /** What was found, left and read back at its controllers. */
  readonly settingMarks: readonly SettingMark[];
}

/** A job as the database holds it and a page receives it. */
export interface StoredJob extends JobHistory {
  readonly id: string;
  /** Counts saves of the document; a save names the revision it was made on. */
  readonly revision: number;
  readonly document: JobDocument;
  readonly handedOverAt: string | null;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

/** How far a job is: derived from what was done, never typed in. */
export const STAGES = { planning: 'Planning', startup: 'Startup', 'handed-over': 'Handed over' } as const;
export type Stage = keyof typeof STAGES;

/** The stage of a job. */
export const stageOf = (handedOverAt: string | null, readings: number): Stage =>
  handedOverAt !== null ? 'handed-over' : readings > 0 ? 'startup' : 'planning';

/** One line of the board. */
export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly street: string;
  readonly town: string;
  readonly stage: Stage;
  readonly readings: number;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
}

/** A page of the board, and where the next one begins; null: this is the last. */
export interface BoardPage {
  readonly jobs: readonly JobSummary[];
  readonly next: string | null;
}
