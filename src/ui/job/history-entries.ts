import { v4 as uuid } from 'uuid';
import { countersigned } from '@/core/job/countersign';
import { type NewReading, readingFrom, readingStanding } from '@/core/job/reading';
import type { SettingMark } from '@/core/job/setting-marks';
import { observed } from '@/core/model/observation-key';
import { momentAsMeasured } from '@/core/startup/conditions';
import { isUnnamed, overlay } from '@/core/sync/job/state';
import { nextOrigin } from '../person/device';
import { usePerson } from '../person/person';
import { warnAfterHandover } from './after-handover';
import { isReadOnly } from './only-look';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';
import { shownVisit, visitToEnter } from './visits';

const stamp = () => ({ id: uuid(), at: new Date().toISOString(), origin: nextOrigin() });

/** The visit for new entries, displayed from then on. */
const onVisit = ({ get, set }: StateAccess): { visit: string; isOther: boolean } => {
  const state = get();
  const { visit, isNew } = visitToEnter(state);
  const isOther = visit.id !== shownVisit(state)?.id;
  if (isOther) set({ visit: visit.id, ...(isNew ? { visitsOut: [...state.visitsOut, visit] } : {}) });
  return { visit: visit.id, isOther };
};

/** Visit of a new word on an item: a withdrawal or undo belongs to its own visit, whenever it is done. */
const placed = (access: StateAccess, word: NewReading): { visit: string; replaces: string | null } => {
  const aside = access.get().readings.find(({ id }) => id === word.replaces);
  if (word.status === 'withdrawn' && aside) return { visit: aside.visit, replaces: aside.id };
  const { visit, isOther } = onVisit(access);
  // A reading today does not correct one of another visit.
  return { visit, replaces: isOther ? null : word.replaces };
};

/**
 * Adds a word on an item: a reading, a withdrawal, or not measured.
 * @returns how it is undone
 */
export const sayReading = (access: StateAccess, word: NewReading): Extract<Undoable, { kind: 'reading' }> => {
  const { facts, readings } = access.get();
  const before = readingStanding(observed(facts, readings), word.item);
  const { author, instrument } = usePerson.getState();
  const full = readingFrom(word, { ...stamp(), ...placed(access, word), author, instrument });
  access.set((state) => {
    const outbox = [...state.outbox, full];
    return {
      outbox,
      saveState: state.theirs ? 'stale' : 'waiting',
      moment: full.status === 'taken' ? momentAsMeasured(state.moment, full) : state.moment,
      ...overlay(state.saved, { ...state, outbox }),
    };
  });
  return { kind: 'reading', id: full.id, before: before?.id === full.replaces ? before : null };
};

type HistoryEntries = Pick<JobState, 'addReading' | 'addMark' | 'countersign' | 'sign'>;

/** Append-only entries: readings and marks. */
export const historyEntries = (access: StateAccess, sender: Sender): HistoryEntries => {
  const { set } = access;
  return {
    addReading: (reading) => {
      if (!access.get().rights.read) return isReadOnly();
      warnAfterHandover(access.get());
      const back = sayReading(access, reading);
      set(({ undoable }) => ({ undoable: [...undoable, back], redoable: [] }));
      sender.sendNow();
    },
    countersign: (readings, by) => {
      set((state) => {
        const outbox = [...state.outbox, ...readings.map((reading) => countersigned(reading, { by, ...stamp() }))];
        return { outbox, saveState: state.theirs ? 'stale' : 'waiting', ...overlay(state.saved, { ...state, outbox }) };
      });
      sender.sendNow();
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
      sender.sendNow();
    },
    addMark: (mark) => {
      if (!access.get().rights.read) return isReadOnly();
      warnAfterHandover(access.get());
      const { author } = usePerson.getState();
      const { visit } = onVisit(access);
      const full: SettingMark = { ...mark, ...stamp(), visit, author, enteredBy: '' };
      set((state) => {
        const marksOut = [...state.marksOut, full];
        return {
          marksOut,
          saveState: state.theirs ? 'stale' : 'waiting',
          ...overlay(state.saved, { ...state, marksOut }),
        };
      });
      sender.sendNow();
    },
  };
};
