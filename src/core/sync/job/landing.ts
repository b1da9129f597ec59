import { applyChanges, factAt, type FactPath, factValue, sameValue } from '../../job/document';
import type { StoredJob } from '../../job/stored-job';
import { type Answer, type NotOk, savedHere } from '../answer';
import { type LandedRows, theirJob } from '../answers';
import type { Sending } from './draft';
import { changesOf, type Outbox, type Refusal, type Round, type SyncState } from './state';

type Row = LandedRows['rows'][number];

const HISTORY = { outbox: 'readings', marksOut: 'settingMarks' } as const satisfies Readonly<
  Record<Outbox, keyof StoredJob>
>;

/** The visit to show after rows are stored: if the shown one was really someone else's, theirs. */
const landedVisit = (shown: string | null, sent: ReadonlyMap<string, string>, rows: readonly Row[]): string | null =>
  rows.find(({ id, visit }) => sent.get(id) === shown && visit !== shown)?.visit ?? shown;

/** Rows that waited become part of the record. */
export const rowsLanded = (
  state: SyncState,
  box: Outbox,
  ids: readonly string[],
  { rows, visits }: LandedRows,
): SyncState => {
  const sent = new Map(
    (state[box] as readonly Row[]).filter(({ id }) => ids.includes(id)).map((row) => [row.id, row.visit]),
  );
  // Rows already received from another tab or the server.
  const known = new Set(state.saved[HISTORY[box]].map(({ id }) => id));
  const saved = {
    ...state.saved,
    [HISTORY[box]]: [...state.saved[HISTORY[box]], ...rows.filter(({ id }) => !known.has(id))],
    visits,
  } as StoredJob;
  const left = { ...state, [box]: (state[box] as readonly Row[]).filter(({ id }) => !ids.includes(id)) };
  const needed = new Set([...left.outbox, ...left.marksOut].map(({ visit }) => visit));
  return {
    ...left,
    saved,
    visitsOut: state.visitsOut.filter(({ id }) => needed.has(id)),
    visit: landedVisit(state.visit, sent, rows),
  };
};

/** Message when someone else saved first. */
export const SAVED_SINCE =
  'Someone changed this job after you opened it. Nothing was overwritten. Choose which values to keep.';

/** Why a save was refused, naming the fact as on the Survey. */
const problemWords = ({ pending }: Sending, { path, error }: Extract<Answer<unknown>, { kind: 'refused' }>): string => {
  const at = /^changes\[(\d+)\]/.exec(path)?.[1];
  const fact = at === undefined ? undefined : changesOf(pending)[Number(at)];
  return fact ? `${factAt(fact.path).label}: ${error}` : error;
};

/**
 * Whether an earlier save by someone else left every waiting fact as it was when changed here. Then nothing is
 * overwritten unseen, and there is no conflict.
 */
export const isApart = ({ saved, pending }: Pick<SyncState, 'saved' | 'pending'>, theirs: StoredJob): boolean =>
  (Object.keys(pending) as FactPath[]).every((path) =>
    sameValue(factValue(saved.document.facts, path), factValue(theirs.document.facts, path)),
  );

/**
 * The facts' save is stored. Facts changed since then stay pending. An answer that comes late may include someone
 * else's later save: if that concerns pending facts, it is a conflict.
 */
export const factsLanded = (state: SyncState, sent: Sending, job: StoredJob): SyncState => {
  const pending = Object.fromEntries(
    Object.entries(state.pending).filter(
      ([path, value]) => !(path in sent.pending) || !sameValue(value, sent.pending[path as FactPath]),
    ),
  );
  const revision = sent.baseRevision + 1;
  if (job.revision <= revision) return { ...state, pending, saved: job };
  const seen: StoredJob = {
    ...state.saved,
    revision,
    document: applyChanges(state.saved.document, changesOf(sent.pending)),
  };
  return isApart({ saved: seen, pending }, job)
    ? { ...state, pending, saved: job }
    : { ...state, pending, saved: seen, theirs: job, problem: SAVED_SINCE };
};

/** The facts' save was refused: someone saved first, or a value is invalid. */
export const factsRefused = (
  state: SyncState,
  sent: Sending,
  answer: Extract<Answer<unknown>, { kind: 'refused' }>,
): { theirs: StoredJob | null; refusal: Round['refusal'] } => {
  const theirs = answer.status === 409 ? theirJob(answer.body) : null;
  const problem = problemWords(sent, answer);
  return { theirs, refusal: { saveState: theirs ? 'stale' : 'refused', problem, isPassing: false } };
};

/** Of two reasons the permanent one is shown; a temporary one is retried regardless. */
export const joinedRefusal = (before: Refusal | null, next: Refusal): Refusal => {
  const said = before === null || before.isPassing ? next : before;
  return { ...said, isPassing: next.isPassing || (before?.isPassing ?? false) };
};

/** Rows refused in a batch are sent one by one, so that one never holds up the rest. A single row: its reason. */
export const rowsRefused = (round: Round, ids: readonly string[], answer: NotOk): Round =>
  ids.length === 1
    ? {
        ...round,
        refusal: joinedRefusal(round.refusal, {
          saveState: answer.kind === 'lost' ? 'lost' : 'refused',
          problem: savedHere(answer),
          isPassing: answer.kind === 'lost',
        }),
      }
    : { ...round, tried: round.tried.filter((id) => !ids.includes(id)), alone: [...round.alone, ...ids] };
