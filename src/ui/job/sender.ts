import type { JobDraft } from '@/core/sync/job/draft';
import type { SyncEvent } from '@/core/sync/job/event';
import { overlay, type SyncState } from '@/core/sync/job/state';
import { jobMachine } from '@/core/sync/job/sync';
import { runSync } from '@/core/sync/run';
import { devicePorts } from '../offline/device-ports';
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
export const createSender = (id: string, { get, set }: StateAccess): Sender => {
  let held = { of: null as JobState | null, state: null as SyncState | null };
  const { ports, stop } = devicePorts<JobDraft>({ draft: id, about: id }, () => get().rights);
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
  const tell = runSync(jobMachine, access, ports);
  return {
    tell,
    sendNow: () => tell({ kind: 'entered', inMs: 0 }),
    stop,
  };
};
