import { factValue } from '@/core/job/document';
import { undoneReading } from '@/core/job/reading';
import { enterFact } from './fact-entries';
import { sayReading } from './history-entries';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';

/** Undo and redo in entry order: a fact gets its earlier value, an item its previous word; the record keeps both. */
export const undoEntries = (access: StateAccess, sender: Sender): Pick<JobState, 'undo' | 'redo'> => {
  /** Undoes one step; returns its redo, or null if something newer replaced it. */
  const takeBack = (step: Undoable): Undoable | null => {
    const { facts, readings, undoable, redoable } = access.get();
    if (step.kind === 'fact') {
      const back: Undoable = { ...step, value: factValue(facts, step.path) };
      enterFact(access, sender, step, undoable, redoable);
      return back;
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
