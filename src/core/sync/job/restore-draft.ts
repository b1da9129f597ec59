import { type FactPath, factValue, sameValue } from '../../job/document';
import { type TakenReading, takenReading } from '../../job/reading';
import type { StoredJob } from '../../job/stored-job';
import type { JobDraft } from './draft';
import type { SyncState } from './state';

/** Rows of both lists, each once. */
const joined = <Row extends { readonly id: string }>(some: readonly Row[], others: readonly Row[]): Row[] => [
  ...new Map([...some, ...others].map((row) => [row.id, row])).values(),
];

/** Whether a draft's save in progress made the job's newest revision. */
const hasLanded = ({ sending }: JobDraft, job: StoredJob): boolean =>
  !!sending &&
  sending.baseRevision + 1 === job.revision &&
  Object.entries(sending.pending).every(([path, value]) =>
    sameValue(value, factValue(job.document.facts, path as FactPath)),
  );

/** Whether a draft's facts were entered on another version of the job and differ from it now. */
const isBehind = (draft: JobDraft, job: StoredJob): boolean =>
  draft.baseRevision !== job.revision &&
  !hasLanded(draft, job) &&
  Object.entries(draft.pending).some(
    ([path, value]) => !sameValue(value, factValue(job.document.facts, path as FactPath)),
  );

/**
 * Restores what earlier pages of this device left unacknowledged, under the entries made here since. A save that a
 * reload cut off continues as the same save and is stored once. If this page already has its own save, the other's
 * facts go into the next one.
 * @param newVisit visit for rows that name none, as from an older version: the server assigns theirs by time
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
