import type { CallId, Moment } from '@/core/control/moment';
import { applyChanges, type FactChange, type FactPath, type Facts, factValue, sameValue } from '@/core/job/document';
import type { NewReading, Reading, StandingWord } from '@/core/job/reading';
import type { NewMark, SettingMark } from '@/core/job/setting-marks';
import type { JobHistory, StoredJob } from '@/core/job/stored-job';
import type { Visit } from '@/core/job/visit';
import { lastVisit, ofVisit } from '@/core/job/visits';
import type { DegreeScale } from '@/core/units/degrees';
import type { JobDraft, Typed } from './draft';

/** `unnamed`: all is saved but what waits for somebody to say who read it. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused' | 'unnamed';

/** What can be undone: a fact gets this value again; of what was said of an item, what stood before it stands again. */
export type Undoable =
  | ({ readonly kind: 'fact' } & FactChange)
  | { readonly kind: 'reading'; readonly id: string; readonly before: StandingWord | null };

export interface JobState {
  /** The job as last acknowledged by the server. */
  readonly saved: StoredJob;
  /** Facts with everything entered here laid over them. */
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Visits that began here and are not acknowledged yet. */
  readonly visitsOut: readonly Visit[];
  /** Acknowledged and waiting visits together. */
  readonly visits: readonly Visit[];
  /** Id of the visit that is shown; null: the last one. */
  readonly visit: string | null;
  /** Id of a visit that somebody goes on with, though it seemed to be over. */
  readonly goesOnWith: string | null;
  /** Acknowledged and waiting readings of the visit that is shown. */
  readonly readings: readonly Reading[];
  /** Acknowledged and waiting marks of the visit that is shown. */
  readonly settingMarks: readonly SettingMark[];
  /** What stands in fields and is not entered yet, by the field's name. */
  readonly typed: Readonly<Record<string, Typed>>;
  readonly saveState: SaveState;
  /** When something was last acknowledged here, ISO 8601; null: nothing yet. */
  readonly savedAt: string | null;
  readonly problem: string;
  /** The other version, when a save was refused because somebody saved first. */
  readonly theirs: StoredJob | null;
  readonly undoable: readonly Undoable[];
  readonly redoable: readonly Undoable[];
  readonly moment: Moment;
  /** Places whose cautions were read on this visit. */
  readonly cautionsRead: readonly string[];

  /** Keeps what stands in a field; null once it is entered or given up. */
  readonly setTyped: (name: string, typed: Typed | null) => void;
  readonly setFact: (path: FactPath, value: unknown) => void;
  /** Shows a value without keeping it, as while a post is dragged. */
  readonly previewFact: (path: FactPath, value: unknown) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly addReading: (reading: NewReading) => void;
  readonly addMark: (mark: NewMark) => void;
  /** Says who read and set what waits for a name. */
  readonly sign: (author: string) => void;
  /** Ends a stale save: the named facts keep the value entered here, all others take the saved one. */
  readonly settleStale: (mine: readonly FactPath[]) => void;
  readonly readCaution: (place: string) => void;
  readonly setMoment: (change: Partial<Moment>) => void;
  readonly setCall: (call: CallId) => void;
  /** Goes by so many marks of a scale. */
  readonly nudgeOutdoor: (steps: number, scale: DegreeScale) => void;
  readonly acknowledge: (change: Partial<Pick<StoredJob, 'handedOverAt' | 'visits'>>) => void;
  readonly showVisit: (visit: string | null) => void;
  /** Goes on with a visit, though nothing was done on it for long. */
  readonly goOnWith: (visit: string) => void;
  readonly start: () => () => void;
}

/** How the store's parts read and change its state. */
export interface StateAccess {
  readonly get: () => JobState;
  readonly set: (change: Partial<JobState> | ((state: JobState) => Partial<JobState>)) => void;
}

/** Whether a reading or a mark waits for somebody to say who made it. */
export const isUnnamed = ({ author }: { readonly author: string }): boolean => author.trim() === '';

/** How many readings and marks wait for a name. */
export const unnamedCount = ({ outbox, marksOut }: Pick<JobState, 'outbox' | 'marksOut'>): number =>
  [...outbox, ...marksOut].filter(isUnnamed).length;

/** Pending facts as changes. */
export const changesOf = (pending: JobState['pending']): FactChange[] =>
  Object.entries(pending).map(([path, value]) => ({ path: path as FactPath, value }));

/** What is acknowledged, and what is waiting to be, each once. */
const together = <Row extends { readonly id: string }>(
  saved: readonly Row[],
  waiting: readonly Row[],
): readonly Row[] => {
  const known = new Set(saved.map(({ id }) => id));
  return [...saved, ...waiting.filter(({ id }) => !known.has(id))];
};

type Rows = Pick<JobState, 'outbox' | 'marksOut' | 'visitsOut'>;

/** Everything done at the job, on whatever visit: what is acknowledged, and what waits to be. */
export const everything = ({ saved, outbox, marksOut, visitsOut }: Rows & Pick<JobState, 'saved'>): JobHistory => ({
  readings: together(saved.readings, outbox),
  settingMarks: together(saved.settingMarks, marksOut),
  visits: together(saved.visits, visitsOut),
});

/** The job as it stands with everything entered here laid over what is saved. */
export const overlay = (saved: StoredJob, { pending, visit, ...rows }: Rows & Pick<JobState, 'pending' | 'visit'>) => {
  const document = applyChanges(saved.document, changesOf(pending));
  const { readings, settingMarks, visits } = everything({ ...rows, saved });
  const shown = visits.some(({ id }) => id === visit) ? visit! : lastVisit(visits)?.id;
  return {
    facts: document.facts,
    confirmed: new Set(document.confirmed),
    visits,
    readings: ofVisit(readings, shown),
    settingMarks: ofVisit(settingMarks, shown),
  };
};

/** Whether the save that a draft had under way is the one that made the job's newest revision. */
export const hasLanded = ({ sending }: JobDraft, job: StoredJob): boolean =>
  !!sending &&
  sending.baseRevision + 1 === job.revision &&
  Object.entries(sending.pending).every(([path, value]) =>
    sameValue(value, factValue(job.document.facts, path as FactPath)),
  );
