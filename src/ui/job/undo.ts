import { factValue } from '@/core/job/document';
import { undoneReading } from '@/core/job/reading';
import { enterFact } from './fact-entries';
import { sayReading } from './history-entries';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';

/**
 * Undo and redo, in the order in which things were entered: a fact gets its earlier value, and of a reading what stood
 * before it stands again; the record keeps both.
 */
export const undoEntries = (access: StateAccess, sender: Sender): Pick<JobState, 'undo' | 'redo'> => {
  /** Takes one thing back; what would bring it back in its turn, or null where something newer stands instead. */
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
    // What is said again is a line of its own: to undo the old one is from now on to undo this one.
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
