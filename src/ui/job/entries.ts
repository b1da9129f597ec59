import { v4 as uuid } from 'uuid';
import { applyChanges, type FactChange, type FactPath, factValue, sameValue } from '@/core/job/document';
import { type Reading, takenReading } from '@/core/job/reading';
import type { SettingMark } from '@/core/job/setting-marks';
import { momentAsMeasured } from '@/core/startup/conditions';
import { nextOrigin } from '../device';
import { usePerson } from '../person';
import type { Sender } from './sender';
import { isUnnamed, type JobState, overlay, type StateAccess } from './state';
import { shownVisit, visitToEnter } from './visits';

const SAVE_DELAY_MS = 500;

type FactEntries = Pick<JobState, 'setFact' | 'previewFact' | 'undo' | 'redo' | 'settleStale'>;

/** What is done with facts: entered, shown while dragged, taken back and made again, settled after a stale save. */
export const factEntries = ({ get, set }: StateAccess, sender: Sender): FactEntries => {
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
    sender.keep();
    sender.schedule(SAVE_DELAY_MS);
  };
  return {
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
      sender.keep();
      sender.schedule(0);
    },
  };
};

type HistoryEntries = Pick<JobState, 'addReading' | 'addMark' | 'sign'>;

/** What is only ever added: readings and marks. */
export const historyEntries = ({ get, set }: StateAccess, sender: Sender): HistoryEntries => {
  const stamp = () => ({ id: uuid(), at: new Date().toISOString(), origin: nextOrigin() });
  /** The visit on which something is entered now, shown from then on. */
  const onVisit = (): { visit: string; isOther: boolean } => {
    const state = get();
    const { visit, isNew } = visitToEnter(state);
    const isOther = visit.id !== shownVisit(state)?.id;
    if (isOther) set({ visit: visit.id, ...(isNew ? { visitsOut: [...state.visitsOut, visit] } : {}) });
    return { visit: visit.id, isOther };
  };
  const sendNow = () => {
    sender.keep();
    sender.schedule(0);
  };
  return {
    addReading: (reading) => {
      const { author, instrument } = usePerson.getState();
      const { visit, isOther } = onVisit();
      const full: Reading = takenReading({
        ...reading,
        // What another visit read is not corrected by what is read today.
        replaces: isOther ? null : reading.replaces,
        ...stamp(),
        visit,
        author,
        instrument,
      });
      set((state) => {
        const outbox = [...state.outbox, full];
        return {
          outbox,
          saveState: 'waiting',
          moment: momentAsMeasured(state.moment, full),
          ...overlay(state.saved, { ...state, outbox }),
        };
      });
      sendNow();
    },
    sign: (author) => {
      usePerson.getState().set({ author });
      set((state) => {
        const signed = <R extends { readonly author: string }>(rows: readonly R[]): R[] =>
          rows.map((row) => (isUnnamed(row) ? { ...row, author } : row));
        const rows = {
          outbox: signed(state.outbox),
          marksOut: signed(state.marksOut),
          visitsOut: signed(state.visitsOut),
        };
        return {
          ...rows,
          saveState: state.theirs ? 'stale' : 'waiting',
          ...overlay(state.saved, { ...state, ...rows }),
        };
      });
      sendNow();
    },
    addMark: (mark) => {
      const { author } = usePerson.getState();
      const { visit } = onVisit();
      const full: SettingMark = { ...mark, ...stamp(), visit, author };
      set((state) => {
        const marksOut = [...state.marksOut, full];
        return {
          marksOut,
          saveState: state.theirs ? 'stale' : 'waiting',
          ...overlay(state.saved, { ...state, marksOut }),
        };
      });
      sendNow();
    },
  };
};
