import { v4 as uuid } from 'uuid';
import { createStore } from 'zustand/vanilla';
import { atOutdoor, type CallId, type Moment } from '@/core/control/moment';
import { applyChanges, type FactChange, type FactPath, type Facts, factValue, sameValue } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { NewMark, SettingMark } from '@/core/job/setting-marks';
import type { JobHistory, StoredJob } from '@/core/job/stored-job';
import { momentAsMeasured } from '@/core/startup/conditions';
import { call } from '../api';
import { keepDraft, takeDrafts } from '../drafts';
import { usePerson } from '../person';
import { isNothing, type JobDraft, type Sending } from './draft';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused';

export interface JobState {
  /** The job as last acknowledged by the server. */
  readonly saved: StoredJob;
  /** Facts with everything entered here laid over them. */
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  /** Acknowledged and waiting readings together. */
  readonly readings: readonly Reading[];
  /** Acknowledged and waiting marks together. */
  readonly settingMarks: readonly SettingMark[];
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
  readonly addMark: (mark: NewMark) => void;
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
/** The server takes as many rows in one request. */
const MOST_ROWS_AT_ONCE = 200;

const changesOf = (pending: JobState['pending']): FactChange[] =>
  Object.entries(pending).map(([path, value]) => ({ path: path as FactPath, value }));

/** What is acknowledged, and what is waiting to be, each once. */
const together = <Row extends { readonly id: string }>(
  saved: readonly Row[],
  waiting: readonly Row[],
): readonly Row[] => {
  const known = new Set(saved.map(({ id }) => id));
  return [...saved, ...waiting.filter(({ id }) => !known.has(id))];
};

type Waiting = Pick<JobState, 'pending' | 'outbox' | 'marksOut'>;

/** The job as it stands with everything entered here laid over what is saved. */
const overlay = (saved: StoredJob, { pending, outbox, marksOut }: Waiting) => {
  const document = applyChanges(saved.document, changesOf(pending));
  return {
    facts: document.facts,
    confirmed: new Set(document.confirmed),
    readings: together(saved.readings, outbox),
    settingMarks: together(saved.settingMarks, marksOut),
  };
};

/** Whether the save that a draft had under way is the one that made the job's newest revision. */
const hasLanded = ({ sending }: JobDraft, job: StoredJob): boolean =>
  !!sending &&
  sending.baseRevision + 1 === job.revision &&
  Object.entries(sending.pending).every(([path, value]) =>
    sameValue(value, factValue(job.document.facts, path as FactPath)),
  );

/**
 * The state of one job on this device. Facts save themselves shortly after they change; readings go out at once.
 * Whatever is not acknowledged is kept as a draft, and sent again until it is.
 */
export const createJobStore = (job: StoredJob, moment: Moment) =>
  createStore<JobState>()((set, get) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isSending = false;
    /** A save keeps its id while it is sent again, so that it lands once. */
    let sending: Sending | null = null;

    const keep = () => {
      const { saved, pending, outbox, marksOut } = get();
      const draft: JobDraft = { baseRevision: saved.revision, pending, outbox, marksOut, sending };
      if (!keepDraft(saved.id, isNothing(draft) ? null : draft))
        set({ problem: 'This device has no room to keep what is not saved yet. Do not close the page.' });
    };
    const schedule = (inMs: number) => {
      clearTimeout(timer);
      timer = setTimeout(send, inMs);
    };

    /** Sends rows that are only ever added. True where they went through. */
    const sendRows = async (
      path: string,
      history: keyof JobHistory,
      box: 'outbox' | 'marksOut',
      name: string,
    ): Promise<boolean> => {
      const { saved, [box]: all } = get();
      const rows: readonly { readonly id: string }[] = all.slice(0, MOST_ROWS_AT_ONCE);
      if (rows.length === 0) return true;
      const answer = await call(`/api/jobs/${saved.id}/${path}`, { method: 'POST', body: { [name]: rows } });
      if (answer.kind === 'ok') {
        const sent = new Set(rows.map(({ id }) => id));
        set((state) => ({
          saved: { ...state.saved, [history]: [...state.saved[history], ...rows] },
          [box]: (state[box] as typeof rows).filter(({ id }) => !sent.has(id)),
        }));
        return true;
      }
      set({ saveState: answer.kind === 'lost' ? 'lost' : 'refused', problem: answer.error });
      if (answer.kind === 'lost') schedule(RETRY_MS);
      return false;
    };
    const sendHistory = async () =>
      (await sendRows('readings', 'readings', 'outbox', 'readings')) &&
      (await sendRows('setting-marks', 'settingMarks', 'marksOut', 'marks'));

    const sendFacts = async (): Promise<boolean> => {
      const { pending, saved } = get();
      if (Object.keys(pending).length === 0) return true;
      sending ??= { saveId: uuid(), baseRevision: saved.revision, pending };
      const sent = sending;
      keep();
      const answer = await call<StoredJob>(`/api/jobs/${saved.id}`, {
        method: 'PATCH',
        body: {
          saveId: sent.saveId,
          baseRevision: sent.baseRevision,
          changes: changesOf(sent.pending),
          author: usePerson.getState().author,
        },
      });
      if (answer.kind === 'lost') {
        set({ saveState: 'lost', problem: answer.error });
        schedule(RETRY_MS);
        return false;
      }
      sending = null;
      if (answer.kind === 'refused') {
        const theirs = answer.status === 409 ? (answer.body as { job: StoredJob }).job : null;
        set({
          saveState: theirs ? 'stale' : 'refused',
          problem: answer.path ? `${answer.path}: ${answer.error}` : answer.error,
          theirs,
        });
        return false;
      }
      set((state) => {
        // What changed again while this save was under way stays pending.
        const left = Object.fromEntries(
          Object.entries(state.pending).filter(
            ([path, value]) => !(path in sent.pending) || !sameValue(value, sent.pending[path as FactPath]),
          ),
        );
        return { saved: answer.value, pending: left, ...overlay(answer.value, { ...state, pending: left }) };
      });
      return true;
    };

    const send = async () => {
      if (isSending) return;
      isSending = true;
      // Readings and marks are only ever added, so they go out even while two versions of the facts wait to be settled.
      const isStale = get().theirs !== null;
      if (!isStale) set({ saveState: 'saving' });
      const isThrough = (await sendHistory()) && !isStale && (await sendFacts());
      isSending = false;
      keep();
      if (!isThrough) return;
      if (!isNothing(get())) schedule(0);
      else set({ saveState: 'saved', problem: '' });
    };

    const enter = (
      path: FactPath,
      value: unknown,
      undoable: readonly FactChange[],
      redoable: readonly FactChange[] = [],
    ) => {
      set((state) => {
        const pending = { ...state.pending, [path]: value };
        return {
          pending,
          undoable,
          redoable,
          saveState: state.theirs ? 'stale' : 'waiting',
          ...overlay(state.saved, { ...state, pending }),
        };
      });
      keep();
      schedule(SAVE_DELAY_MS);
    };

    return {
      saved: job,
      ...overlay(job, { pending: {}, outbox: [], marksOut: [] }),
      pending: {},
      outbox: [],
      marksOut: [],
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
        if (confirmed.has(path) && sameValue(before, value)) return set((state) => overlay(state.saved, state));
        enter(path, value, sameValue(before, value) ? undoable : [...undoable, { path, value: before }]);
      },
      previewFact: (path, value) =>
        set((state) => ({
          facts: applyChanges({ ...state.saved.document, facts: state.facts }, [{ path, value }]).facts,
        })),
      undo: () => {
        const { undoable, redoable, facts } = get();
        const last = undoable.at(-1);
        if (last)
          enter(last.path, last.value, undoable.slice(0, -1), [
            ...redoable,
            { path: last.path, value: factValue(facts, last.path) },
          ]);
      },
      redo: () => {
        const { undoable, redoable, facts } = get();
        const next = redoable.at(-1);
        if (next)
          enter(
            next.path,
            next.value,
            [...undoable, { path: next.path, value: factValue(facts, next.path) }],
            redoable.slice(0, -1),
          );
      },
      addReading: (reading) => {
        const { author, instrument } = usePerson.getState();
        const full: Reading = { ...reading, id: uuid(), at: new Date().toISOString(), author, instrument };
        set((state) => {
          const outbox = [...state.outbox, full];
          return {
            outbox,
            saveState: 'waiting',
            moment: momentAsMeasured(state.moment, full),
            ...overlay(state.saved, { ...state, outbox }),
          };
        });
        keep();
        schedule(0);
      },
      addMark: (mark) => {
        const full: SettingMark = {
          ...mark,
          id: uuid(),
          at: new Date().toISOString(),
          author: usePerson.getState().author,
        };
        set((state) => {
          const marksOut = [...state.marksOut, full];
          return {
            marksOut,
            saveState: state.theirs ? 'stale' : 'waiting',
            ...overlay(state.saved, { ...state, marksOut }),
          };
        });
        keep();
        schedule(0);
      },
      settleStale: (mine) => {
        const { theirs, pending } = get();
        if (!theirs) return;
        const left = Object.fromEntries(Object.entries(pending).filter(([path]) => mine.includes(path as FactPath)));
        set((state) => ({
          saved: theirs,
          theirs: null,
          problem: '',
          pending: left,
          undoable: [],
          redoable: [],
          saveState: 'waiting',
          ...overlay(theirs, { ...state, pending: left }),
        }));
        keep();
        schedule(0);
      },
      setMoment: (change) => set((state) => ({ moment: { ...state.moment, ...change } })),
      setCall: (next) => set((state) => ({ moment: { ...state.moment, call: next } })),
      nudgeOutdoor: (byF) => set((state) => ({ moment: atOutdoor(state.moment, state.moment.outdoorF + byF) })),
      acknowledge: (change) => set((state) => ({ saved: { ...state.saved, ...change } })),

      start: () => {
        const drafts = takeDrafts<JobDraft>(job.id);
        if (drafts.length > 0) {
          const pending = Object.assign({}, ...drafts.map((draft) => draft.pending)) as JobState['pending'];
          const outbox = drafts.flatMap((draft) => draft.outbox);
          const marksOut = drafts.flatMap((draft) => draft.marksOut ?? []);
          const isStale = drafts.some(
            (draft) =>
              draft.baseRevision !== job.revision &&
              !hasLanded(draft, job) &&
              Object.entries(draft.pending).some(
                ([path, value]) => !sameValue(value, factValue(job.document.facts, path as FactPath)),
              ),
          );
          // A save that a reload cut off, and that is not seen yet, is sent again as the same save: it lands once.
          sending =
            (isStale ? undefined : drafts.find((draft) => draft.sending?.baseRevision === job.revision)?.sending) ??
            null;
          const waiting = { pending, outbox, marksOut };
          set({
            ...waiting,
            saveState: isStale ? 'stale' : 'waiting',
            theirs: isStale ? job : null,
            ...overlay(job, waiting),
          });
          keep();
          schedule(0);
        }
        const again = () => schedule(0);
        const hold = () => {
          if (!isNothing(get())) keep();
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
