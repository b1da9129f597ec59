import { applyChanges, type FactChange, type FactPath, type Facts } from '../job/document';
import type { Reading } from '../job/reading';
import type { SettingMark } from '../job/setting-marks';
import type { JobHistory, StoredJob } from '../job/stored-job';
import type { Visit } from '../job/visit';
import { lastVisit, ofVisit } from '../job/visits';
import type { JobDraft, Sending, Typed } from './draft';

/** `unnamed`: all is saved but what waits for someone to say who read it. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused' | 'unnamed';

/** Rows that are only ever added, by the box in which they wait. */
export type Outbox = 'outbox' | 'marksOut';

/** What is under way: whether the job's queued requests are done, some rows, or the facts. */
type Asked =
  | { readonly kind: 'errands' }
  | { readonly kind: 'rows'; readonly box: Outbox; readonly ids: readonly string[] }
  | { readonly kind: 'facts' };

/** Why something was refused. */
export interface Refusal {
  readonly saveState: SaveState;
  readonly problem: string;
  /** Whether it was a fault that passes, so that it is tried again by itself. */
  readonly isPassing: boolean;
}

/** One going over of everything that waits: queued requests, readings, marks, facts. */
export interface Round {
  readonly asked: Asked;
  /** Rows that were sent, and rows that are sent by themselves since they were refused among others. */
  readonly tried: readonly string[];
  readonly alone: readonly string[];
  readonly areFactsTried: boolean;
  /** Why something was refused. What goes through after it does not hide that. */
  readonly refusal: Refusal | null;
}

/** How far sending has got. */
export interface Line {
  /** The facts' save: it keeps its id until it is answered, so that it lands once. */
  readonly sending: Sending | null;
  /** Null: nothing is being sent. */
  readonly round: Round | null;
  /** Tries in a row that no one answered. */
  readonly lostInARow: number;
}

export const IDLE: Line = { sending: null, round: null, lostInARow: 0 };

/** What of a job is acknowledged, what waits to be, and how far sending that has got. */
export interface SyncState {
  /** The job as last acknowledged by the server. */
  readonly saved: StoredJob;
  readonly pending: JobDraft['pending'];
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Visits that began here and are not acknowledged yet. */
  readonly visitsOut: readonly Visit[];
  /** Id of the visit that is shown; null: the last one. */
  readonly visit: string | null;
  /** What is in fields and is not entered yet, by the field's name. */
  readonly typed: Readonly<Record<string, Typed>>;
  readonly saveState: SaveState;
  /** When something was last acknowledged here, ISO 8601; null: nothing yet. */
  readonly savedAt: string | null;
  readonly problem: string;
  /** Whether this device had no room for what is not acknowledged: a reload loses it. */
  readonly isUnkept: boolean;
  /** The other version, when a save was refused because someone saved first. */
  readonly theirs: StoredJob | null;
  readonly line: Line;
}

/** Whether a reading or a mark waits for someone to say who made it. */
export const isUnnamed = ({ author }: { readonly author: string }): boolean => author.trim() === '';

type Boxes = Pick<SyncState, 'outbox' | 'marksOut'>;
type Rows = Boxes & Pick<SyncState, 'visitsOut'>;

/** How many readings and marks wait for a name. */
export const unnamedCount = ({ outbox, marksOut }: Boxes): number => [...outbox, ...marksOut].filter(isUnnamed).length;

/** Pending facts as changes. */
export const changesOf = (pending: SyncState['pending']): FactChange[] =>
  Object.entries(pending).map(([path, value]) => ({ path: path as FactPath, value }));

/** What is kept on the device of all this. */
export const draftOf = ({ saved, line, pending, outbox, marksOut, visitsOut, typed }: SyncState): JobDraft => ({
  baseRevision: saved.revision,
  pending,
  outbox,
  marksOut,
  visitsOut,
  typed,
  sending: line.sending,
});

/** What is acknowledged, and what is waiting to be, each once. */
const together = <Row extends { readonly id: string }>(
  saved: readonly Row[],
  waiting: readonly Row[],
): readonly Row[] => {
  const known = new Set(saved.map(({ id }) => id));
  return [...saved, ...waiting.filter(({ id }) => !known.has(id))];
};

/** Everything done at the job, on whatever visit: what is acknowledged, and what waits to be. */
export const everything = ({ saved, outbox, marksOut, visitsOut }: Rows & Pick<SyncState, 'saved'>): JobHistory => ({
  readings: together(saved.readings, outbox),
  settingMarks: together(saved.settingMarks, marksOut),
  visits: together(saved.visits, visitsOut),
});

/** The job as it is on this device. */
export interface Overlaid {
  /** Facts with everything entered here laid over them. */
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  /** Acknowledged and waiting visits together. */
  readonly visits: readonly Visit[];
  /** Acknowledged and waiting readings of the visit that is shown. */
  readonly readings: readonly Reading[];
  /** Acknowledged and waiting marks of the visit that is shown. */
  readonly settingMarks: readonly SettingMark[];
}

/** The job as set now with everything entered here laid over what is saved. */
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
