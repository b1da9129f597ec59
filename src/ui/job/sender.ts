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

/** Carries what was entered to the server, in its order, again and again until it is acknowledged. */
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
/** What the job as it is shown is made of: where none of it has changed, nothing is calculated anew. */
const SHOWN = ['saved', 'pending', 'outbox', 'marksOut', 'visitsOut', 'visit'] as const;

const synced = (state: JobState): SyncState =>
  Object.fromEntries(SYNCED.map((key) => [key, state[key]])) as unknown as SyncState;

/** A sender for one job's store. */
export const createSender = ({ get, set }: StateAccess): Sender => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let held = { of: null as JobState | null, state: null as SyncState | null };
  const ports = {
    keep: (draft: JobDraft | null) => {
      const { saved, rights } = get();
      return saveDraft(saved.id, draft && { ...draft, crewId: rights.crewId }, rights.personId);
    },
    ask: async ({ method, path, body }: SyncRequest) => {
      // What is said to be kept here, where no one answers, is on the disk by then.
      await onDisk();
      const { personId, crewId } = get().rights;
      return call(path, { method, body }, personId ? { personId, crewId } : undefined);
    },
    errands: async (phase: 'before' | 'after') => {
      await restoreSafe();
      const { saved, rights } = get();
      const { personId } = rights;
      if (!isQueued(saved.id, phase, personId)) return { areDone: true } as const;
      // Of what comes after, only what no other job still has to send something for.
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
