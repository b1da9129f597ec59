import type { CallId, Moment } from '@/core/control/moment';
import type { FactChange, FactPath } from '@/core/job/document';
import type { NewReading, Reading, ReadingStanding } from '@/core/job/reading';
import type { NewMark } from '@/core/job/setting-marks';
import type { StoredJob } from '@/core/job/stored-job';
import type { Typed } from '@/core/sync/draft';
import type { Overlaid, SyncState } from '@/core/sync/state';
import type { DegreeScale } from '@/core/units/degrees';

/** What who is signed in may do to the job; what he may not, the store does not begin. */
export interface Rights {
  /** Whose drafts these are; empty: whoever's. */
  readonly personId: string;
  /** His crew. */
  readonly crewId?: string | undefined;
  /** Change facts. */
  readonly change: boolean;
  /** Add readings, marks and visits. */
  readonly read: boolean;
}

/** What can be undone: a fact gets this value again; of what was said of an item, what stood before it stands again. */
export type Undoable =
  | ({ readonly kind: 'fact' } & FactChange)
  | { readonly kind: 'reading'; readonly id: string; readonly before: ReadingStanding | null };

export interface JobState extends SyncState, Overlaid {
  readonly rights: Rights;
  /** Id of a visit that someone goes on with, though it seemed to be over. */
  readonly goesOnWith: string | null;
  /** Whether what earlier pages left is laid over the job: until then no one has seen how it stands. */
  readonly hasTakenUp: boolean;
  readonly undoable: readonly Undoable[];
  readonly redoable: readonly Undoable[];
  readonly moment: Moment;
  /** Places whose cautions were read on this visit. */
  readonly cautionsRead: readonly string[];

  /** Keeps what is in a field; null once it is entered or given up. */
  readonly setTyped: (name: string, typed: Typed | null) => void;
  readonly setFact: (path: FactPath, value: unknown) => void;
  /** Shows a value without keeping it, as while a post is dragged. */
  readonly previewFact: (path: FactPath, value: unknown) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly addReading: (reading: NewReading) => void;
  /** Stands for readings of an apprentice: each is said again as it was, with who countersigned it. */
  readonly countersign: (readings: readonly Reading[], by: string) => void;
  readonly addMark: (mark: NewMark) => void;
  /** Says who read and set what waits for a name. */
  readonly sign: (author: string) => void;
  /** Ends a stale save: the named facts keep the value entered here, all others take the saved one. */
  readonly settleStale: (mine: readonly FactPath[]) => void;
  readonly readCaution: (place: string) => void;
  readonly setMoment: (change: Partial<Moment>) => void;
  readonly setCall: (call: CallId) => void;
  /** Goes by this many marks of a scale. */
  readonly nudgeOutdoor: (steps: number, scale: DegreeScale) => void;
  /**
   * Takes what the server, or another tab, has of the job by now. Facts that wait to be saved on an older revision are
   * not laid aside: their save asks.
   */
  readonly receive: (job: StoredJob) => void;
  readonly acknowledge: (change: Partial<Pick<StoredJob, 'handedOverAt' | 'visits'>>) => void;
  readonly showVisit: (visit: string | null) => void;
  /** Goes on with a visit, though nothing was done on it for long. */
  readonly goOnWith: (visit: string) => void;
  /** Sends what waits now, though it was refused before. */
  readonly tryAgain: () => void;
  readonly start: () => () => void;
}

/** How the store's parts read and change its state. */
export interface StateAccess {
  readonly get: () => JobState;
  readonly set: (change: Partial<JobState> | ((state: JobState) => Partial<JobState>)) => void;
}
