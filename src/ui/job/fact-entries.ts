import { applyChanges, type FactChange, type FactPath, factValue, sameValue } from '@/core/job/document';
import { overlay } from '@/core/sync/job/state';
import { warnAfterHandover } from './after-handover';
import { isReadOnly } from './only-look';
import type { Sender } from './sender';
import type { JobState, StateAccess, Undoable } from './state';

const SAVE_DELAY_MS = 500;

/** Enters facts together, with undo and redo. They save themselves a moment later. */
export const enterFacts = (
  { set }: StateAccess,
  sender: Sender,
  changes: readonly FactChange[],
  undoable: readonly Undoable[],
  redoable: readonly Undoable[] = [],
) => {
  set((state) => {
    const pending = { ...state.pending, ...Object.fromEntries(changes.map(({ path, value }) => [path, value])) };
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

type FactEntries = Pick<JobState, 'setFact' | 'setFacts' | 'previewFact' | 'settleStale'>;

/** Actions on facts: enter, preview while dragging, settle after a conflict. */
export const factEntries = (access: StateAccess, sender: Sender): FactEntries => {
  const { get, set } = access;
  const setFacts = (changes: readonly FactChange[]) => {
    if (!get().rights.change) return isReadOnly();
    const { saved, pending, undoable, confirmed, hasTakenUp } = get();
    // During a preview, undo returns to the value entered or saved before it.
    const before = (path: FactPath) => (path in pending ? pending[path] : factValue(saved.document.facts, path));
    const differs = ({ path, value }: FactChange) => !sameValue(before(path), value);
    // Another page may report something else in a moment: what is entered now holds.
    const entered = changes.filter((change) => !hasTakenUp || !confirmed.has(change.path) || differs(change));
    if (entered.length === 0) return set((state) => overlay(state.saved, state));
    warnAfterHandover(get());
    const back = entered.filter(differs).map(({ path }) => ({ path, value: before(path) }));
    const step: Undoable = { kind: 'facts', changes: back };
    enterFacts(access, sender, entered, back.length === 0 ? undoable : [...undoable, step]);
  };
  return {
    setFact: (path, value) => setFacts([{ path, value }]),
    setFacts,
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
