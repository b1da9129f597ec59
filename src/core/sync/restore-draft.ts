import { type FactPath, factValue, sameValue } from '../job/document';
import { type TakenReading, takenReading } from '../job/reading';
import type { StoredJob } from '../job/stored-job';
import type { JobDraft } from './draft';
import type { SyncState } from './state';

/** Rows of both, each once. */
const joined = <Row extends { readonly id: string }>(some: readonly Row[], others: readonly Row[]): Row[] => [
  ...new Map([...some, ...others].map((row) => [row.id, row])).values(),
];

/** Whether the save that a draft had under way is the one that made the job's newest revision. */
const hasLanded = ({ sending }: JobDraft, job: StoredJob): boolean =>
  !!sending &&
  sending.baseRevision + 1 === job.revision &&
  Object.entries(sending.pending).every(([path, value]) =>
    sameValue(value, factValue(job.document.facts, path as FactPath)),
  );

/** Whether a draft's facts were entered on another version of the job, and say otherwise than it does now. */
const isBehind = (draft: JobDraft, job: StoredJob): boolean =>
  draft.baseRevision !== job.revision &&
  !hasLanded(draft, job) &&
  Object.entries(draft.pending).some(
    ([path, value]) => !sameValue(value, factValue(job.document.facts, path as FactPath)),
  );

/**
 * Takes up what earlier pages of this device left unacknowledged, and lays what was entered here since over it. A save
 * that a reload cut off, and that is not seen yet, goes on as the same save: it lands once. Where this page has a save
 * of its own by now, what the other held is part of the next one.
 * @param newVisit where rows go that name no visit, as an older version's: the server finds theirs by their time
 */
export const restoredDraft = (state: SyncState, drafts: readonly JobDraft[], newVisit: string): SyncState => {
  const { saved: job, pending: since, line } = state;
  const isStale = drafts.some((draft) => isBehind(draft, job));
  const cutOff = isStale ? undefined : drafts.find(({ sending }) => sending?.baseRevision === job.revision)?.sending;
  const outbox = drafts
    .flatMap((draft) => draft.outbox)
    .map((reading) => (reading.visit ? reading : takenReading({ ...(reading as TakenReading), visit: newVisit })));
  const marksOut = drafts
    .flatMap((draft) => draft.marksOut ?? [])
    .map((mark) => (mark.visit ? mark : { ...mark, visit: newVisit, origin: null }));
  return {
    ...state,
    typed: Object.assign({}, ...drafts.map((draft) => draft.typed), state.typed) as SyncState['typed'],
    pending: { ...(Object.assign({}, ...drafts.map((draft) => draft.pending)) as SyncState['pending']), ...since },
    outbox: joined(outbox, state.outbox),
    marksOut: joined(marksOut, state.marksOut),
    visitsOut: joined(
      drafts.flatMap((draft) => draft.visitsOut ?? []),
      state.visitsOut,
    ),
    saveState: isStale ? 'stale' : 'waiting',
    theirs: isStale ? job : null,
    line: Object.keys(since).length === 0 ? { ...line, sending: cutOff ?? null } : line,
  };
};
