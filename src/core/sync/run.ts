import type { Answer } from './answer';
import { isEmptyDraft, type JobDraft } from './draft';
import type { QueuedOutcome, SyncEffect, SyncEvent, SyncRequest, Tick } from './event';
import { draftOf, type SyncState } from './state';
import { sync } from './sync';

/** A device's services for syncing a job: store, ask, wait, tell time. */
export interface SyncPorts {
  /** Stores unacknowledged entries, or clears them (null); false if there is no space. */
  readonly keep: (draft: JobDraft | null) => boolean;
  /** Asks the server. Never throws: a lost server is an answer. */
  readonly ask: (request: SyncRequest) => Promise<Answer<unknown>>;
  /** Sends the job's queued requests that come before its entries, or after; whether all are done. */
  readonly errands: (phase: 'before' | 'after') => Promise<QueuedOutcome>;
  /** Schedules an action, replacing the one scheduled before. */
  readonly later: (inMs: number, act: () => void) => void;
  readonly tick: () => Tick;
}

/** Where the state is stored. */
export interface SyncAccess {
  readonly get: () => SyncState;
  readonly set: (state: SyncState) => void;
}

/**
 * Runs the sync state machine of a job on a device.
 * @returns the function that takes events
 */
export const runSync = ({ get, set }: SyncAccess, ports: SyncPorts): ((event: SyncEvent) => void) => {
  const carryOut = (effect: SyncEffect): void => {
    switch (effect.kind) {
      case 'keep': {
        const draft = draftOf(get());
        const isKept = ports.keep(isEmptyDraft(draft) ? null : draft);
        if (isKept === get().isUnkept) tell({ kind: isKept ? 'kept' : 'not kept' });
        return;
      }
      case 'again':
        return ports.later(effect.inMs, () => tell({ kind: 'due', ...ports.tick() }));
      case 'ask':
        void ports.ask(effect.request).then((answer) => tell({ kind: 'answered', answer, ...ports.tick() }));
        return;
      case 'errands':
        void ports.errands(effect.phase).then((outcome) => {
          if (effect.phase === 'before') tell({ kind: 'errands tried', outcome, ...ports.tick() });
        });
    }
  };
  const tell = (event: SyncEvent): void => {
    const before = get();
    const { state, effects } = sync(before, event);
    if (state !== before) set(state);
    effects.forEach(carryOut);
  };
  return tell;
};
