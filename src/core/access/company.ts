/** Maximum length of a note on a job, characters. */
export const MOST_NOTE_LETTERS = 500;

/** Revision and counts of a job: if two differ, the job was changed in between. */
export interface JobMark {
  readonly revision: number;
  readonly rows: number;
}

/** What a job shows to whoever opens it, and who else has it open. */
export interface Company {
  /** The crew lead's note; null: none. */
  readonly note: { readonly words: string; readonly author: string; readonly at: string } | null;
  /** Names of everyone else who has the job open. */
  readonly others: readonly string[];
  /** State of the job on the server: its revision and the number of readings, marks and visits. */
  readonly at: JobMark;
}
