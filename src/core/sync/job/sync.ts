import { sameValue } from '../../job/document';
import type { StoredJob } from '../../job/stored-job';
import { type Answer, savedHere } from '../answer';
import { type LandedRows, readJobAnswer, readLanded } from '../answers';
import { retryDelayMs } from '../retry';
import type { Machine } from '../run';
import { NO_ANSWER, NO_ROOM, type SyncStep as Step, type Tick } from '../step';
import { isEmptyDraft, type JobDraft, type Sending } from './draft';
import type { JobEvent, SyncEvent } from './event';
import { factsLanded, factsRefused, isApart, joinedRefusal, rowsLanded, rowsRefused } from './landing';
import { restoredDraft } from './restore-draft';
import { changesOf, draftOf, isUnnamed, type Outbox, type Round, type SyncState, unnamedCount } from './state';

type SyncStep = Step<SyncState>;

/** Maximum rows that the server takes per request. */
const MOST_ROWS_AT_ONCE = 200;

const BOXES = { outbox: { path: 'readings', name: 'readings' }, marksOut: { path: 'setting-marks', name: 'marks' } };

const withRound = (state: SyncState, change: Partial<Round>): SyncState => ({
  ...state,
  line: { ...state.line, round: { ...state.line.round!, ...change } },
});

const restOf = ({ pending, outbox, marksOut }: SyncState): number =>
  Object.keys(pending).length + outbox.length + marksOut.length;

/** No answer: retry after a delay. */
const lost = (state: SyncState, problem: string, { chance }: Tick): SyncStep => {
  const { line } = state;
  return {
    state: {
      ...state,
      saveState: 'lost',
      problem,
      line: { ...line, round: null, lostInARow: line.lostInARow + 1 },
    },
    effects: [{ kind: 'keep' }, { kind: 'again', inMs: retryDelayMs(line.lostInARow, chance) }],
  };
};

/** A request that must come first is not done: no answer, or refused and someone must look. */
const heldUp = (state: SyncState, refusal: string, tick: Tick): SyncStep =>
  refusal === ''
    ? lost(state, NO_ANSWER, tick)
    : {
        state: { ...state, saveState: 'refused', problem: refusal, line: { ...state.line, round: null } },
        effects: [{ kind: 'keep' }],
      };

/** Everything was sent once: what remains, and what comes next. */
const ended = (state: SyncState, { at, chance }: Tick): SyncStep => {
  const { refusal } = state.line.round!;
  const idle = { ...state, line: { ...state.line, round: null, lostInARow: 0 } };
  if (refusal) {
    const { saveState, problem, isPassing } = refusal;
    const { lostInARow } = state.line;
    // Temporary errors are retried automatically; permanent ones when someone asks.
    return isPassing
      ? {
          state: { ...idle, saveState, problem, line: { ...idle.line, lostInARow: lostInARow + 1 } },
          effects: [{ kind: 'keep' }, { kind: 'again', inMs: retryDelayMs(lostInARow, chance) }],
        }
      : { state: { ...idle, saveState, problem }, effects: [{ kind: 'keep' }] };
  }
  if (state.theirs) return { state: { ...idle, saveState: 'stale' }, effects: [{ kind: 'keep' }] };
  const unnamed = unnamedCount(state);
  if (restOf(state) > unnamed) return { state: idle, effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }] };
  return {
    state: { ...idle, saveState: unnamed > 0 ? 'unnamed' : 'saved', problem: '', savedAt: at },
    effects: [{ kind: 'keep' }, { kind: 'send queue', phase: 'after' }],
  };
};

/** Next rows of a queue: a batch, or one by one after a refusal. */
const nextRows = (state: SyncState, box: Outbox): readonly { readonly id: string }[] => {
  const { tried, alone } = state.line.round!;
  const [done, single] = [new Set(tried), new Set(alone)];
  const waiting = (state[box] as readonly { readonly id: string; readonly author: string }[]).filter(
    (row) => !done.has(row.id) && !isUnnamed(row),
  );
  const one = waiting.find(({ id }) => single.has(id));
  return one ? [one] : waiting.slice(0, MOST_ROWS_AT_ONCE);
};

/** Sends what comes next: readings, marks, then facts unless a conflict waits. */
const goOn = (state: SyncState, tick: Tick): SyncStep => {
  const { saved, pending, visitsOut, line } = state;
  for (const box of ['outbox', 'marksOut'] as const) {
    const rows = nextRows(state, box);
    if (rows.length === 0) continue;
    const ids = rows.map(({ id }) => id);
    return {
      state: withRound(state, { asked: { kind: 'rows', box, ids }, tried: [...line.round!.tried, ...ids] }),
      effects: [
        {
          kind: 'ask',
          request: {
            method: 'POST',
            path: `/api/jobs/${saved.id}/${BOXES[box].path}`,
            body: { [BOXES[box].name]: rows, visits: visitsOut, sentAt: tick.at },
          },
        },
      ],
    };
  }
  if (state.theirs || line.round!.areFactsTried || Object.keys(pending).length === 0) return ended(state, tick);
  const sending = line.sending ?? { saveId: tick.newId, baseRevision: saved.revision, pending };
  return {
    state: {
      ...state,
      line: { ...line, sending, round: { ...line.round!, asked: { kind: 'facts' }, areFactsTried: true } },
    },
    effects: [
      { kind: 'keep' },
      {
        kind: 'ask',
        request: {
          method: 'PATCH',
          path: `/api/jobs/${saved.id}`,
          body: { saveId: sending.saveId, baseRevision: sending.baseRevision, changes: changesOf(sending.pending) },
        },
      },
    ],
  };
};

/** A server error that repeats may be due to one entry: the others continue without it. */
const isFault = ({ line }: SyncState, answer: Answer<unknown>): boolean =>
  answer.kind === 'lost' && answer.status === 500 && line.lostInARow > 0;

const rowsAnswered = (
  state: SyncState,
  { box, ids }: Extract<Round['asked'], { readonly kind: 'rows' }>,
  answer: Answer<LandedRows>,
  tick: Tick,
): SyncStep => {
  if (answer.kind === 'ok') return goOn(rowsLanded(state, box, ids, answer.value), tick);
  if (answer.kind === 'lost' && !isFault(state, answer)) return lost(state, savedHere(answer), tick);
  return goOn(withRound(state, rowsRefused(state.line.round!, ids, answer)), tick);
};

const factsAnswered = (state: SyncState, sending: Sending, answer: Answer<StoredJob>, tick: Tick): SyncStep => {
  const before = state.line.round!.refusal;
  if (answer.kind === 'lost') {
    if (!isFault(state, answer)) return lost(state, savedHere(answer), tick);
    const refusal = { saveState: 'lost', problem: savedHere(answer), isPassing: true } as const;
    return goOn(withRound(state, { refusal: joinedRefusal(before, refusal) }), tick);
  }
  const done = { ...state, line: { ...state.line, sending: null } };
  if (answer.kind === 'ok') return goOn(factsLanded(done, sending, answer.value), tick);
  const { theirs, refusal } = factsRefused(done, sending, answer);
  // Someone saved other facts, or a reload lost the answer to this device's own save: send again on the new revision.
  if (theirs && state.saved.revision === sending.baseRevision && isApart(done, theirs))
    return goOn(withRound({ ...done, saved: theirs }, { areFactsTried: false }), tick);
  return goOn(withRound({ ...done, theirs }, { refusal: refusal && joinedRefusal(before, refusal) }), tick);
};

const answered = (state: SyncState, answer: Answer<unknown>, tick: Tick): SyncStep => {
  const { round, sending } = state.line;
  if (!round) return { state, effects: [] };
  if (round.asked.kind === 'rows') return rowsAnswered(state, round.asked, readLanded(answer), tick);
  return sending ? factsAnswered(state, sending, readJobAnswer(answer), tick) : goOn(state, tick);
};

/** Takes the state of the server or another tab; facts pending on an older revision stay, and their save asks. */
const received = (state: SyncState, job: StoredJob): SyncState => {
  const { saved, pending } = state;
  const isOlder = job.revision < saved.revision || job.readings.length < saved.readings.length;
  const waits = Object.keys(pending).length > 0 && job.revision !== saved.revision;
  return isOlder || waits || sameValue(job, saved) ? state : { ...state, saved: job };
};

/**
 * The state machine of a job on a device: an event gives a new state and effects. Readings and marks are append-only,
 * so they go out even during a conflict over facts. A refused entry stays here with its reason, and later ones
 * continue.
 */
export const sync = (state: SyncState, event: SyncEvent): SyncStep => {
  switch (event.kind) {
    case 'entered':
      return { state, effects: [{ kind: 'keep' }, { kind: 'again', inMs: event.inMs }] };
    case 'hold':
      return { state, effects: [{ kind: 'keep' }] };
    case 'due': {
      if (state.line.round) return { state, effects: [] };
      const round: Round = { asked: { kind: 'queue' }, tried: [], alone: [], areFactsTried: false, refusal: null };
      return {
        state: { ...state, ...(state.theirs ? {} : { saveState: 'saving' }), line: { ...state.line, round } },
        effects: [{ kind: 'send queue', phase: 'before' }],
      };
    }
    case 'queue tried':
      return event.outcome.areDone ? goOn(state, event) : heldUp(state, event.outcome.refusal, event);
    case 'answered':
      return answered(state, event.answer, event);
    case 'not kept':
      return { state: { ...state, isUnkept: true, problem: NO_ROOM }, effects: [] };
    case 'kept':
      return { state: { ...state, isUnkept: false }, effects: [] };
    case 'found':
      return event.drafts.length === 0
        ? { state, effects: [] }
        : {
            state: restoredDraft(state, event.drafts, event.newId),
            effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }],
          };
    case 'received':
      return { state: received(state, event.job), effects: [] };
    case 'settled': {
      const { theirs, pending } = state;
      if (!theirs) return { state, effects: [] };
      const mine: ReadonlySet<string> = new Set(event.mine);
      const left = Object.fromEntries(Object.entries(pending).filter(([path]) => mine.has(path)));
      const { line } = state;
      // While rows are in flight, their pass continues with the facts once the conflict is settled.
      const round = line.round && { ...line.round, refusal: null, areFactsTried: false };
      return {
        state: {
          ...state,
          saved: theirs,
          theirs: null,
          problem: '',
          pending: left,
          saveState: round ? 'saving' : 'waiting',
          line: { ...line, round },
        },
        effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }],
      };
    }
  }
};

/** A job as a machine that syncs. */
export const jobMachine: Machine<SyncState, JobEvent, JobDraft> = {
  step: sync,
  draftOf: (state) => {
    const draft = draftOf(state);
    return isEmptyDraft(draft) ? null : draft;
  },
};
