import { v4 as uuid } from 'uuid';
import { createStore } from 'zustand/vanilla';
import { atOutdoor, type CallId, type Moment } from '@/core/control/moment';
import { applyChanges, type FactChange, type FactPath, type Facts, factValue, sameValue } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import { momentAsMeasured } from '@/core/startup/conditions';
import { call } from '../api';
import { usePerson } from '../person';
import { keepDraft, takeDrafts } from './draft';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused';

export interface JobState {
  /** The job as last acknowledged by the server. */
  readonly saved: StoredJob;
  /** Facts with everything entered here laid over them. */
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  /** Acknowledged and waiting readings together. */
  readonly readings: readonly Reading[];
  readonly saveState: SaveState;
  readonly problem: string;
  /** The other version, when a save was refused because somebody saved first. */
  readonly theirs: StoredJob | null;
  readonly undoable: readonly FactChange[];
  readonly redoable: readonly FactChange[];
  readonly moment: Moment;

  readonly setFact: (path: FactPath, value: unknown) => void;
  /** Shows a value without keeping it, as while a post is dragged. */
  readonly previewFact: (path: FactPath, value: unknown) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly addReading: (reading: Omit<Reading, 'id' | 'at' | 'author' | 'instrument'>) => void;
  /** Ends a stale save: the named facts keep the value entered here, all others take the saved one. */
  readonly settleStale: (mine: readonly FactPath[]) => void;
  readonly setMoment: (change: Partial<Moment>) => void;
  readonly setCall: (call: CallId) => void;
  readonly nudgeOutdoor: (byF: number) => void;
  readonly acknowledge: (change: Partial<Pick<StoredJob, 'handedOverAt'>>) => void;
  readonly start: () => () => void;
}

const SAVE_DELAY_MS = 500;
const RETRY_MS = 3000;

const changesOf = (pending: JobState['pending']): FactChange[] => Object.entries(pending).map(([path, value]) => ({ path: path as FactPath, value }));

const overlay = (saved: StoredJob, pending: JobState['pending'], outbox: readonly Reading[]) => {
  const document = applyChanges(saved.document, changesOf(pending));
  const known = new Set(saved.readings.map(({ id }) => id));
  return { facts: document.facts, confirmed: new Set(document.confirmed), readings: [...saved.readings, ...outbox.filter(({ id }) => !known.has(id))] };
};

/**
 * The state of one job on this device. Facts save themselves shortly after they change; readings go out at once.
 * Whatever is not acknowledged is kept as a draft, and sent again until it is.
 */
export const createJobStore = (job: StoredJob, moment: Moment) =>
  createStore<JobState>()((set, get) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isSending = false;
    /** A save keeps its id while it is sent again, so that it lands once. */
    let sending: { saveId: string; pending: JobState['pending'] } | null = null;

    const keep = () => {
      const { saved, pending, outbox } = get();
      if (!keepDraft(saved.id, { baseRevision: saved.revision, pending, outbox }))
        set({ problem: 'This device has no room to keep what is not saved yet. Do not close the page.' });
    };
    const schedule = (inMs: number) => {
      clearTimeout(timer);
      timer = setTimeout(send, inMs);
    };

    /** True where the readings went through. */
    const sendReadings = async (): Promise<boolean> => {
      const { outbox, saved } = get();
      if (outbox.length === 0) return true;
      const answer = await call(`/api/jobs/${saved.id}/readings`, { method: 'POST', body: { readings: outbox } });
      if (answer.kind === 'ok') {
        const sent = new Set(outbox.map(({ id }) => id));
        set((state) => ({ saved: { ...state.saved, readings: [...state.saved.readings, ...outbox] }, outbox: state.outbox.filter(({ id }) => !sent.has(id)) }));
        return true;
      }
      set({ saveState: answer.kind === 'lost' ? 'lost' : 'refused', problem: answer.error });
      if (answer.kind === 'lost') schedule(RETRY_MS);
      return false;
    };

    const sendFacts = async (): Promise<boolean> => {
      const { pending, saved } = get();
      if (Object.keys(pending).length === 0) return true;
      sending ??= { saveId: uuid(), pending };
      const sent = sending;
      const answer = await call<StoredJob>(`/api/jobs/${saved.id}`, {
        method: 'PATCH',
        body: { saveId: sent.saveId, baseRevision: saved.revision, changes: changesOf(sent.pending), author: usePerson.getState().author },
      });
      if (answer.kind === 'lost') {
        set({ saveState: 'lost', problem: answer.error });
        schedule(RETRY_MS);
        return false;
      }
      sending = null;
      if (answer.kind === 'refused') {
        const theirs = answer.status === 409 ? (answer.body as { job: StoredJob }).job : null;
        set({ saveState: theirs ? 'stale' : 'refused', problem: answer.path ? `${answer.path}: ${answer.error}` : answer.error, theirs });
        return false;
      }
      set((state) => {
        // What changed again while this save was under way stays pending.
        const left = Object.fromEntries(
          Object.entries(state.pending).filter(([path, value]) => !(path in sent.pending) || !sameValue(value, sent.pending[path as FactPath])),
        );
        return { saved: answer.value, pending: left, ...overlay(answer.value, left, state.outbox) };
      });
      return true;
    };

    const send = async () => {
      if (isSending) return;
      isSending = true;
      // Readings are only ever added, so they go out even while two versions of the facts wait to be settled.
      const isStale = get().theirs !== null;
      if (!isStale) set({ saveState: 'saving' });
      const isThrough = (await sendReadings()) && !isStale && (await sendFacts());
      isSending = false;
      keep();
      const { pending, outbox } = get();
      if (!isThrough) return;
      if (Object.keys(pending).length > 0 || outbox.length > 0) schedule(0);
      else set({ saveState: 'saved', problem: '' });
    };

    const enter = (path: FactPath, value: unknown, undoable: readonly FactChange[], redoable: readonly FactChange[] = []) => {
      set((state) => {
        const pending = { ...state.pending, [path]: value };
        return { pending, undoable, redoable, saveState: state.theirs ? 'stale' : 'waiting', ...overlay(state.saved, pending, state.outbox) };
      });
      keep();
      schedule(SAVE_DELAY_MS);
    };

    return {
      saved: job,
      ...overlay(job, {}, []),
      pending: {},
      outbox: [],
      saveState: 'saved',
      problem: '',
      theirs: null,
      undoable: [],
      redoable: [],
      moment,

      setFact: (path, value) => {
        const { saved, pending, undoable, confirmed } = get();
        // A preview may be on show: the value to go back to is the one entered or saved before it.
        const before = path in pending ? pending[path] : factValue(saved.document.facts, path);
        if (confirmed.has(path) && sameValue(before, value)) return set((state) => overlay(state.saved, state.pending, state.outbox));
        enter(path, value, sameValue(before, value) ? undoable : [...undoable, { path, value: before }]);
      },
      previewFact: (path, value) => set((state) => ({ facts: applyChanges({ ...state.saved.document, facts: state.facts }, [{ path, value }]).facts })),
      undo: () => {
        const { undoable, redoable, facts } = get();
        const last = undoable.at(-1);
        if (last) enter(last.path, last.value, undoable.slice(0, -1), [...redoable, { path: last.path, value: factValue(facts, last.path) }]);
      },
      redo: () => {
        const { undoable, redoable, facts } = get();
        const next = redoable.at(-1);
        if (next) enter(next.path, next.value, [...undoable, { path: next.path, value: factValue(facts, next.path) }], redoable.slice(0, -1));
      },
      addReading: (reading) => {
        const { author, instrument } = usePerson.getState();
        const full: Reading = { ...reading, id: uuid(), at: new Date().toISOString(), author, instrument };
        set((state) => {
          const outbox = [...state.outbox, full];
          return { outbox, saveState: 'waiting', moment: momentAsMeasured(state.moment, full), ...overlay(state.saved, state.pending, outbox) };
        });
        keep();
        schedule(0);
      },
      settleStale: (mine) => {
        const { theirs, pending, outbox } = get();
        if (!theirs) return;
        const left = Object.fromEntries(Object.entries(pending).filter(([path]) => mine.includes(path as FactPath)));
        set({ saved: theirs, theirs: null, problem: '', pending: left, undoable: [], redoable: [], saveState: 'waiting', ...overlay(theirs, left, outbox) });
        keep();
        schedule(0);
      },
      setMoment: (change) => set((state) => ({ moment: { ...state.moment, ...change } })),
      setCall: (next) => set((state) => ({ moment: { ...state.moment, call: next } })),
      nudgeOutdoor: (byF) => set((state) => ({ moment: atOutdoor(state.moment, state.moment.outdoorF + byF) })),
      acknowledge: (change) => set((state) => ({ saved: { ...state.saved, ...change } })),

      start: () => {
        const drafts = takeDrafts(job.id);
        if (drafts.length > 0) {
          const pending = Object.assign({}, ...drafts.map((draft) => draft.pending)) as JobState['pending'];
          const outbox = drafts.flatMap((draft) => draft.outbox);
          const isStale = drafts.some(
            (draft) =>
              draft.baseRevision !== job.revision &&
              Object.entries(draft.pending).some(([path, value]) => !sameValue(value, factValue(job.document.facts, path as FactPath))),
          );
          set({ pending, outbox, saveState: isStale ? 'stale' : 'waiting', theirs: isStale ? job : null, ...overlay(job, pending, outbox) });
          keep();
          schedule(0);
        }
        const again = () => schedule(0);
        const hold = () => {
          const { pending, outbox } = get();
          if (Object.keys(pending).length > 0 || outbox.length > 0) keep();
        };
        const beat = setInterval(hold, 3000);
        window.addEventListener('online', again);
        window.addEventListener('pagehide', hold);
        return () => {
          clearInterval(beat);
          clearTimeout(timer);
          window.removeEventListener('online', again);
          window.removeEventListener('pagehide', hold);
        };
      },
    };
  });

export type JobStore = ReturnType<typeof createJobStore>;
