import { applyChanges, type FactChange, type FactPath, factValue, sameValue } from '@/core/job/document';
import type { Sender } from './sender';
import { type JobState, overlay, type StateAccess, type Undoable } from './state';

const SAVE_DELAY_MS = 500;

/** Enters a fact, with what can be undone and redone from then on. It saves itself a moment later. */
export const enterFact = (
  { set }: StateAccess,
  sender: Sender,
  { path, value }: FactChange,
  undoable: readonly Undoable[],
  redoable: readonly Undoable[] = [],
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

type FactEntries = Pick<JobState, 'setFact' | 'previewFact' | 'settleStale'>;

/** What is done with facts: entered, shown while dragged, settled after a stale save. */
export const factEntries = (access: StateAccess, sender: Sender): FactEntries => {
  const { get, set } = access;
  const setFact = (path: FactPath, value: unknown) => {
    const { saved, pending, undoable, confirmed } = get();
    // A preview may be on show: the value to go back to is the one entered or saved before it.
    const before = path in pending ? pending[path] : factValue(saved.document.facts, path);
    if (confirmed.has(path) && sameValue(before, value)) return set((state) => overlay(state.saved, state));
    const back: Undoable = { kind: 'fact', path, value: before };
    enterFact(access, sender, { path, value }, sameValue(before, value) ? undoable : [...undoable, back]);
  };
  return {
    setFact,
    previewFact: (path, value) =>
      set((state) => ({
        facts: applyChanges({ ...state.saved.document, facts: state.facts }, [{ path, value }]).facts,
      })),
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
