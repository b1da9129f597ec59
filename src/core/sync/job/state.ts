import { applyChanges, type FactChange, type FactPath, type Facts, JOB_FILE_VERSION } from '../../job/document';
import type { Reading } from '../../job/reading';
import type { SettingMark } from '../../job/setting-marks';
import type { JobHistory, StoredJob } from '../../job/stored-job';
import type { Visit } from '../../job/visit';
import { lastVisit, ofVisit } from '../../job/visits';
import type { JobDraft, Sending, Typed } from './draft';

/** `unnamed`: everything is saved except entries that wait for a name. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused' | 'unnamed';

/** Append-only rows, by queue. */
export type Outbox = 'outbox' | 'marksOut';

/** Sending in progress: the job's queued requests, rows, or facts. */
type Asked =
  | { readonly kind: 'queue' }
  | { readonly kind: 'rows'; readonly box: Outbox; readonly ids: readonly string[] }
  | { readonly kind: 'facts' };

/** Reason of a refusal. */
export interface Refusal {
  readonly saveState: SaveState;
  readonly problem: string;
  /** Whether the error is temporary, so that it is retried automatically. */
  readonly isPassing: boolean;
}

/** One pass over everything that waits: queued requests, readings, marks, facts. */
export interface Round {
  readonly asked: Asked;
  /** Rows already sent, and rows sent one by one after a refused batch. */
  readonly tried: readonly string[];
  readonly alone: readonly string[];
  readonly areFactsTried: boolean;
  /** Reason of a refusal. Later successes do not hide it. */
  readonly refusal: Refusal | null;
}

/** Progress of sending. */
export interface Line {
  /** The facts' save: it keeps its id until answered, so that it is stored once. */
  readonly sending: Sending | null;
  /** Null: idle. */
  readonly round: Round | null;
  /** Consecutive unanswered attempts. */
  readonly lostInARow: number;
}

export const IDLE: Line = { sending: null, round: null, lostInARow: 0 };

/** A job's acknowledged state, its waiting entries, and the progress of sending. */
export interface SyncState {
  /** The job as last acknowledged by the server. */
  readonly saved: StoredJob;
  readonly pending: JobDraft['pending'];
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Visits begun here and not acknowledged yet. */
  readonly visitsOut: readonly Visit[];
  /** Id of the displayed visit; null: the last one. */
  readonly visit: string | null;
  /** Unfinished text in fields, by field name. */
  readonly typed: Readonly<Record<string, Typed>>;
  readonly saveState: SaveState;
  /** Time of the last acknowledgment here, ISO 8601; null: none yet. */
  readonly savedAt: string | null;
  readonly problem: string;
  /** Whether this device has no space for unacknowledged entries: a reload would lose them. */
  readonly isUnkept: boolean;
  /** The other version, if a save was refused because someone saved first. */
  readonly theirs: StoredJob | null;
  readonly line: Line;
}

/** Whether readings or marks wait for the name of who made them. */
export const isUnnamed = ({ author }: { readonly author: string }): boolean => author.trim() === '';

type Boxes = Pick<SyncState, 'outbox' | 'marksOut'>;
type Rows = Boxes & Pick<SyncState, 'visitsOut'>;

/** Number of readings and marks that wait for a name. */
export const unnamedCount = ({ outbox, marksOut }: Boxes): number => [...outbox, ...marksOut].filter(isUnnamed).length;

/** Pending facts as changes. */
export const changesOf = (pending: SyncState['pending']): FactChange[] =>
  Object.entries(pending).map(([path, value]) => ({ path: path as FactPath, value }));

/** What the device stores of all this. */
export const draftOf = ({ saved, line, pending, outbox, marksOut, visitsOut, typed }: SyncState): JobDraft => ({
  fileVersion: JOB_FILE_VERSION,
  baseRevision: saved.revision,
  pending,
  outbox,
  marksOut,
  visitsOut,
  typed,
  sending: line.sending,
});

/** Acknowledged and waiting rows, each once. */
const together = <Row extends { readonly id: string }>(
  saved: readonly Row[],
  waiting: readonly Row[],
): readonly Row[] => {
  const known = new Set(saved.map(({ id }) => id));
  return [...saved, ...waiting.filter(({ id }) => !known.has(id))];
};

/** Everything done at the job on any visit, acknowledged and waiting. */
export const everything = ({ saved, outbox, marksOut, visitsOut }: Rows & Pick<SyncState, 'saved'>): JobHistory => ({
  readings: together(saved.readings, outbox),
  settingMarks: together(saved.settingMarks, marksOut),
  visits: together(saved.visits, visitsOut),
});

/** The job on this device. */
export interface Overlaid {
  /** Facts with all entries made here. */
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  /** Acknowledged and waiting visits. */
  readonly visits: readonly Visit[];
  /** Acknowledged and waiting readings of the displayed visit. */
  readonly readings: readonly Reading[];
  /** Acknowledged and waiting marks of the displayed visit. */
  readonly settingMarks: readonly SettingMark[];
}

/** The job with all entries made here on top of the saved state. */
export const overlay = (
  saved: StoredJob,
  { pending, visit, ...rows }: Rows & Pick<SyncState, 'pending' | 'visit'>,
): Overlaid => {
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
