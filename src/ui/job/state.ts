import type { CallId, Moment } from '@/core/control/moment';
import type { FactChange, FactPath } from '@/core/job/document';
import type { NewReading, Reading, ReadingStanding } from '@/core/job/reading';
import type { NewMark } from '@/core/job/setting-marks';
import type { StoredJob } from '@/core/job/stored-job';
import type { Typed } from '@/core/sync/job/draft';
import type { Overlaid, SyncState } from '@/core/sync/job/state';
import type { DegreeScale } from '@/core/units/degrees';

/** Rights of the signed-in person on the job; the store does not start what is not allowed. */
export interface Rights {
  /** Owner of the drafts; empty: anyone. */
  readonly personId: string;
  /** The owner's crew. */
  readonly crewId?: string | undefined;
  /** Change facts. */
  readonly change: boolean;
  /** Add readings, marks and visits. */
  readonly read: boolean;
}

/** An undo step: the previous values of facts entered together, or an item's previous word. */
export type Undoable =
  | { readonly kind: 'facts'; readonly changes: readonly FactChange[] }
  | { readonly kind: 'reading'; readonly id: string; readonly before: ReadingStanding | null };

export interface JobState extends SyncState, Overlaid {
  readonly rights: Rights;
  /** Id of a visit that is continued, though it seemed over. */
  readonly goesOnWith: string | null;
  /** Whether drafts of earlier pages are restored: before that the true state is unknown. */
  readonly hasTakenUp: boolean;
  readonly undoable: readonly Undoable[];
  readonly redoable: readonly Undoable[];
  readonly moment: Moment;
  /** Places whose cautions were read on this visit. */
  readonly cautionsRead: readonly string[];

  /** Stores a field's text; null once it is entered or dropped. */
  readonly setTyped: (name: string, typed: Typed | null) => void;
  readonly setFact: (path: FactPath, value: unknown) => void;
  /** Enters facts that belong together: one save, one undo step. */
  readonly setFacts: (changes: readonly FactChange[]) => void;
  /** Previews a value without storing it, as while a lockout is dragged. */
  readonly previewFact: (path: FactPath, value: unknown) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly addReading: (reading: NewReading) => void;
  /** Countersigns an apprentice's readings: each is entered again with its countersignature. */
  readonly countersign: (readings: readonly Reading[], by: string) => void;
  readonly addMark: (mark: NewMark) => void;
  /** Names the person for entries that wait for a name. */
  readonly sign: (author: string) => void;
  /** Settles a conflict: the named facts keep the value entered here, all others take the saved one. */
  readonly settleStale: (mine: readonly FactPath[]) => void;
  readonly readCaution: (place: string) => void;
  readonly setMoment: (change: Partial<Moment>) => void;
  readonly setCall: (call: CallId) => void;
  /** Moves by this many marks of a scale. */
  readonly nudgeOutdoor: (steps: number, scale: DegreeScale) => void;
  /**
   * Takes the job's present state from the server or another tab. Facts pending on an older revision stay: their save
   * asks.
   */
  readonly receive: (job: StoredJob) => void;
  readonly acknowledge: (change: Partial<Pick<StoredJob, 'handedOverAt' | 'visits'>>) => void;
  readonly showVisit: (visit: string | null) => void;
  /** Continues a visit after a long pause. */
  readonly goOnWith: (visit: string) => void;
  /** Sends what waits now, though it was refused before. */
  readonly tryAgain: () => void;
  readonly start: () => () => void;
}

/** Access of the store's parts to its state. */
export interface StateAccess {
  readonly get: () => JobState;
  readonly set: (change: Partial<JobState> | ((state: JobState) => Partial<JobState>)) => void;
}
