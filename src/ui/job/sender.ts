import { v4 as uuid } from 'uuid';
import { factAt, type FactPath, sameValue } from '@/core/job/document';
import type { StoredJob } from '@/core/job/stored-job';
import type { Visit } from '@/core/job/visit';
import { type Answer, call, keptHere } from '../api';
import { keepDraft } from '../drafts';
import { usePerson } from '../person';
import { isNothing, type JobDraft, type Sending } from './draft';
import { changesOf, isUnnamed, overlay, type StateAccess, unnamedCount } from './state';

const RETRY_MS = 3000;
/** The server takes as many rows in one request. */
const MOST_ROWS_AT_ONCE = 200;

type Row = { readonly id: string; readonly visit: string; readonly author: string };
/** What the server answers: the rows as they landed, each on its visit, and all visits. */
interface Landed {
  readonly rows: readonly Row[];
  readonly visits: readonly Visit[];
}

/** What came of sending: landed, not reached, or refused for good. */
type Outcome = 'through' | 'lost' | 'refused';

/** A box of rows that are only ever added: where it goes, and what it becomes part of. */
interface Rows {
  readonly path: string;
  readonly history: 'readings' | 'settingMarks';
  readonly box: 'outbox' | 'marksOut';
  readonly name: string;
}
const READINGS: Rows = { path: 'readings', history: 'readings', box: 'outbox', name: 'readings' };
const MARKS: Rows = { path: 'setting-marks', history: 'settingMarks', box: 'marksOut', name: 'marks' };

/** The visit to show once rows have landed: where the one shown was somebody else's all along, theirs. */
const landedVisit = (shown: string | null, sent: ReadonlyMap<string, string>, rows: readonly Row[]): string | null =>
  rows.find(({ id, visit }) => sent.get(id) === shown && visit !== shown)?.visit ?? shown;

/** Carries what was entered to the server, in its order, again and again until it is acknowledged. */
export interface Sender {
  /** Keeps what is not acknowledged as a draft on this device. */
  readonly keep: () => void;
  readonly schedule: (inMs: number) => void;
  /** Goes on with a save that a reload cut off, under its own id, so that it lands once. */
  readonly resume: (sending: Sending | null) => void;
  readonly stop: () => void;
}

/** Why a save was refused, with the fact that it is about by the name on the Sheet. */
const problemWords = (
  { pending }: Sending,
  { path, error }: Extract<Answer<unknown>, { readonly kind: 'refused' }>,
): string => {
  const at = /^changes\[(\d+)\]/.exec(path)?.[1];
  const fact = at === undefined ? undefined : changesOf(pending)[Number(at)];
  return fact ? `${factAt(fact.path).label}: ${error}` : error;
};

/** The facts' own save: one under way at a time; it keeps its id while it is sent again, so that it lands once. */
const factsSave = ({ get, set }: StateAccess, keep: () => void) => {
  let sending: Sending | null = null;
  const post = ({ saveId, baseRevision, pending }: Sending) =>
    call<StoredJob>(`/api/jobs/${get().saved.id}`, {
      method: 'PATCH',
      body: { saveId, baseRevision, changes: changesOf(pending), author: usePerson.getState().author },
    });
  const acknowledged = (job: StoredJob, sent: Sending) =>
    set((state) => {
      // What changed again while this save was under way stays pending.
      const left = Object.fromEntries(
        Object.entries(state.pending).filter(
          ([path, value]) => !(path in sent.pending) || !sameValue(value, sent.pending[path as FactPath]),
        ),
      );
      return { saved: job, pending: left, ...overlay(job, { ...state, pending: left }) };
    });
  const send = async (): Promise<Outcome> => {
    const { pending, saved } = get();
    if (Object.keys(pending).length === 0) return 'through';
    sending ??= { saveId: uuid(), baseRevision: saved.revision, pending };
    const sent = sending;
    keep();
    const answer = await post(sent);
    if (answer.kind === 'lost') {
      set({ saveState: 'lost', problem: keptHere(answer) });
      return 'lost';
    }
    sending = null;
    if (answer.kind === 'ok') {
      acknowledged(answer.value, sent);
      return 'through';
    }
    const theirs = answer.status === 409 ? (answer.body as { job: StoredJob }).job : null;
    set({ saveState: theirs ? 'stale' : 'refused', problem: problemWords(sent, answer), theirs });
    return 'refused';
  };
  return {
    send,
    underWay: () => sending,
    resume: (cutOff: Sending | null) => {
      sending = cutOff;
    },
  };
};

/** A sender for one job's store. */
export const createSender = (access: StateAccess): Sender => {
  const { get, set } = access;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isSending = false;

  const keep = () => {
    const { saved, pending, outbox, marksOut, visitsOut, typed } = get();
    const draft: JobDraft = {
      baseRevision: saved.revision,
      pending,
      outbox,
      marksOut,
      visitsOut,
      typed,
      sending: facts.underWay(),
    };
    if (!keepDraft(saved.id, isNothing(draft) ? null : draft))
      set({ problem: 'This device has no room to keep what is not saved yet. Do not close the page.' });
  };
  const facts = factsSave(access, keep);
  const schedule = (inMs: number) => {
    clearTimeout(timer);
    timer = setTimeout(send, inMs);
  };

  /** Sends rows that are only ever added, all at once. */
  const postRows = async ({ path, history, box, name }: Rows, rows: readonly Row[]): Promise<Outcome> => {
    const { saved, visitsOut } = get();
    const answer = await call<Landed>(`/api/jobs/${saved.id}/${path}`, {
      method: 'POST',
      body: { [name]: rows, visits: visitsOut, sentAt: new Date().toISOString() },
    });
    if (answer.kind !== 'ok') {
      set({ saveState: answer.kind, problem: keptHere(answer) });
      return answer.kind;
    }
    const sent = new Map(rows.map((row) => [row.id, row.visit]));
    const landed = answer.value;
    set((state) => {
      const saved = {
        ...state.saved,
        [history]: [...state.saved[history], ...landed.rows],
        visits: landed.visits,
      } as StoredJob;
      const waiting = {
        outbox: state.outbox,
        marksOut: state.marksOut,
        [box]: (state[box] as readonly Row[]).filter(({ id }) => !sent.has(id)),
      };
      const needed = new Set([...waiting.outbox, ...waiting.marksOut].map(({ visit }) => visit));
      const after = {
        ...waiting,
        visitsOut: state.visitsOut.filter(({ id }) => needed.has(id)),
        visit: landedVisit(state.visit, sent, landed.rows),
      };
      return { saved, ...after, ...overlay(saved, { ...state, ...after }) };
    });
    return 'through';
  };

  /** Sends some rows at once; where the server refuses them, each by itself: one never holds up the others. */
  const sendSome = async (of: Rows, rows: readonly Row[]): Promise<Outcome> => {
    const outcome = await postRows(of, rows);
    if (outcome !== 'refused' || rows.length === 1) return outcome;
    let worst: Outcome = 'through';
    for (const row of rows) {
      const alone = await postRows(of, [row]);
      if (alone === 'lost') return 'lost';
      if (alone === 'refused') worst = 'refused';
    }
    return worst;
  };

  /** Sends all that waits in a box, so many at a time as the server takes. */
  const sendRows = async (of: Rows): Promise<Outcome> => {
    const tried = new Set<string>();
    let worst: Outcome = 'through';
    for (;;) {
      const waiting: readonly Row[] = get()[of.box];
      const rows = waiting.filter((row) => !tried.has(row.id) && !isUnnamed(row)).slice(0, MOST_ROWS_AT_ONCE);
      if (rows.length === 0) return worst;
      for (const { id } of rows) tried.add(id);
      const outcome = await sendSome(of, rows);
      if (outcome === 'lost') return 'lost';
      if (outcome === 'refused') worst = 'refused';
    }
  };

  /** Readings, then marks, then facts: what is refused stays here and is said, and what comes after it goes on. */
  const sendAll = async (isStale: boolean): Promise<Outcome> => {
    let worst: Outcome = isStale ? 'refused' : 'through';
    for (const part of [() => sendRows(READINGS), () => sendRows(MARKS), ...(isStale ? [] : [facts.send])]) {
      const { saveState, problem } = get();
      const outcome = await part();
      if (outcome === 'lost') return 'lost';
      if (outcome === 'refused') worst = 'refused';
      // What went through does not hide why something before it did not.
      else if (worst === 'refused') set({ saveState, problem });
    }
    return worst;
  };

  const send = async () => {
    if (isSending) return;
    isSending = true;
    // Readings and marks are only ever added, so they go out even while two versions of the facts wait to be settled.
    const isStale = get().theirs !== null;
    if (!isStale) set({ saveState: 'saving' });
    const outcome = await sendAll(isStale);
    isSending = false;
    keep();
    if (outcome === 'lost') return schedule(RETRY_MS);
    if (outcome === 'refused') return;
    const { pending, outbox, marksOut } = get();
    const unnamed = unnamedCount({ outbox, marksOut });
    if (Object.keys(pending).length + outbox.length + marksOut.length > unnamed) return schedule(0);
    set({ saveState: unnamed > 0 ? 'unnamed' : 'saved', problem: '', savedAt: new Date().toISOString() });
  };

  return { keep, schedule, resume: facts.resume, stop: () => clearTimeout(timer) };
};
