import { applyChanges, type FactChange, type FactPath, factValue, sameValue } from '@/core/job/document';
import { overlay } from '@/core/sync/state';
import { warnAfterHandover } from './after-handover';
import { isReadOnly } from './only-look';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';

const SAVE_DELAY_MS = 500;

/** Enters a fact, with undo and redo. It saves itself a moment later. */
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
  sender.tell({ kind: 'entered', inMs: SAVE_DELAY_MS });
};

type FactEntries = Pick<JobState, 'setFact' | 'previewFact' | 'settleStale'>;

/** Actions on facts: enter, preview while dragging, settle after a conflict. */
export const factEntries = (access: StateAccess, sender: Sender): FactEntries => {
  const { get, set } = access;
  const setFact = (path: FactPath, value: unknown) => {
    if (!get().rights.change) return isReadOnly();
    const { saved, pending, undoable, confirmed, hasTakenUp } = get();
    // During a preview, undo returns to the value entered or saved before it.
    const before = path in pending ? pending[path] : factValue(saved.document.facts, path);
    // Another page may report something else in a moment: what is entered now holds.
    const isNothingNew = hasTakenUp && confirmed.has(path) && sameValue(before, value);
    if (isNothingNew) return set((state) => overlay(state.saved, state));
    warnAfterHandover(get());
    const back: Undoable = { kind: 'fact', path, value: before };
    enterFact(access, sender, { path, value }, sameValue(before, value) ? undoable : [...undoable, back]);
  };
  return {
    setFact,
    previewFact: (path, value) =>
      get().rights.change &&
      set((state) => ({
        facts: applyChanges({ ...state.saved.document, facts: state.facts }, [{ path, value }]).facts,
      })),
    settleStale: (mine) => {
      if (!get().theirs) return;
      // Undo history belonged to another version.
      set({ undoable: [], redoable: [] });
      sender.tell({ kind: 'settled', mine });
    },
  };
};
