import { v4 as uuid } from 'uuid';
import type { JobDraft } from '@/core/sync/draft';
import type { SyncEvent, SyncRequest } from '@/core/sync/event';
import { runSync } from '@/core/sync/run';
import { overlay, type SyncState } from '@/core/sync/state';
import { isQueued, refusedBefore, sendQueued } from '../offline/queued-requests';
import { call } from '../requests/api';
import { saveDraft } from '../storage/drafts';
import { onDisk, restoreSafe } from '../storage/safe-storage';
import type { JobState, StateAccess } from './state';

/** Sends entries to the server in order, repeatedly until acknowledged. */
export interface Sender {
  readonly tell: (event: SyncEvent) => void;
  /** Sends what waits, now. */
  readonly sendNow: () => void;
  readonly stop: () => void;
}

const SYNCED = [
  'saved',
  'pending',
  'outbox',
  'marksOut',
  'visitsOut',
  'visit',
  'typed',
  'saveState',
  'savedAt',
  'problem',
  'theirs',
  'line',
  'isUnkept',
] as const satisfies readonly (keyof SyncState)[];
/** Sources of the displayed job: if none has changed, nothing is recalculated. */
const SHOWN = ['saved', 'pending', 'outbox', 'marksOut', 'visitsOut', 'visit'] as const;

const synced = (state: JobState): SyncState =>
  Object.fromEntries(SYNCED.map((key) => [key, state[key]])) as unknown as SyncState;

/** Sender of one job's store. */
export const createSender = ({ get, set }: StateAccess): Sender => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let held = { of: null as JobState | null, state: null as SyncState | null };
  const ports = {
    keep: (draft: JobDraft | null) => {
      const { saved, rights } = get();
      return saveDraft(saved.id, draft && { ...draft, crewId: rights.crewId }, rights.personId);
    },
    ask: async ({ method, path, body }: SyncRequest) => {
      // When a page says that an entry is saved here, it is on the disk.
      await onDisk();
      const { personId, crewId } = get().rights;
      return call(path, { method, body }, personId ? { personId, crewId } : undefined);
    },
    errands: async (phase: 'before' | 'after') => {
      await restoreSafe();
      const { saved, rights } = get();
      const { personId } = rights;
      if (!isQueued(saved.id, phase, personId)) return { areDone: true } as const;
      // Of the requests that come after, only those that no other job still needs to precede.
      await sendQueued(personId, (about) => phase === 'before' || about !== saved.id);
      return isQueued(saved.id, phase, personId)
        ? ({ areDone: false, refusal: refusedBefore(saved.id, personId) } as const)
        : ({ areDone: true } as const);
    },
    later: (inMs: number, act: () => void) => {
      clearTimeout(timer);
      timer = setTimeout(act, inMs);
    },
    tick: () => ({ at: new Date().toISOString(), newId: uuid() }),
  };
  const access = {
    get: () => {
      const of = get();
      if (held.of !== of) held = { of, state: synced(of) };
      return held.state!;
    },
    set: (state: SyncState) => {
      const before = get();
      const isShown = SHOWN.some((key) => state[key] !== before[key]);
      set({ ...state, ...(isShown ? overlay(state.saved, state) : {}) });
    },
  };
  const tell = runSync(access, ports);
  return {
    tell,
    sendNow: () => tell({ kind: 'entered', inMs: 0 }),
    stop: () => clearTimeout(timer),
  };
};
