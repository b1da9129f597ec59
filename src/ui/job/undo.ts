import { factValue } from '@/core/job/document';
import { undoneReading } from '@/core/job/reading';
import { enterFacts } from './fact-entries';
import { sayReading } from './history-entries';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';

/** Undo and redo in entry order: facts get their earlier values, an item its previous word; the record keeps both. */
export const undoEntries = (access: StateAccess, sender: Sender): Pick<JobState, 'undo' | 'redo'> => {
  /** Undoes one step; returns its redo, or null if something newer replaced it. */
  const takeBack = (step: Undoable): Undoable | null => {
    const { facts, readings, undoable, redoable } = access.get();
    if (step.kind === 'facts') {
      const changes = step.changes.map(({ path }) => ({ path, value: factValue(facts, path) }));
      enterFacts(access, sender, step.changes, undoable, redoable);
      return { kind: 'facts', changes };
    }
    const word = undoneReading(readings, step.id, step.before);
    if (!word) return null;
    const back = sayReading(access, word);
    // A restored word is a new entry: undoing the old one means undoing this one.
    const again = (each: Undoable): Undoable =>
      each.kind === 'reading' && each.id === step.before?.id ? { ...each, id: back.id } : each;
    access.set((state) => ({ undoable: state.undoable.map(again), redoable: state.redoable.map(again) }));
    sender.sendNow();
    return back;
  };
  const move = (from: 'undoable' | 'redoable', to: 'undoable' | 'redoable') => {
    const last = access.get()[from].at(-1);
    if (!last) return;
    const back = takeBack(last);
    access.set((state) => ({ [from]: state[from].slice(0, -1), [to]: [...state[to], ...(back ? [back] : [])] }));
  };
  return { undo: () => move('undoable', 'redoable'), redo: () => move('redoable', 'undoable') };
};
