/** Letters of a note on a job, at most. */
export const MOST_NOTE_LETTERS = 500;

/** How far a job is: two that are not the same tell that something was done to it. */
export interface JobMark {
  readonly revision: number;
  readonly rows: number;
}

/** What is on a job for whoever opens it, and who is on it at the same time. */
export interface Company {
  /** The lead's note; null: none. */
  readonly note: { readonly words: string; readonly author: string; readonly at: string } | null;
  /** Everyone else who is on it now, by name. */
  readonly others: readonly string[];
  /** How far the job is on the server: its revision, and how many readings, marks and visits it has. */
  readonly at: JobMark;
}
