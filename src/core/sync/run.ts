import type { Answer } from './answer';
import { isEmptyDraft, type JobDraft } from './draft';
import type { QueuedOutcome, SyncEffect, SyncEvent, SyncRequest, Tick } from './event';
import { draftOf, type SyncState } from './state';
import { sync } from './sync';

/** What a device does for a job that is being synced: keep, ask, wait, tell the time. */
export interface SyncPorts {
  /** Keeps what is not acknowledged, or clears it (null); false where there is no room. */
  readonly keep: (draft: JobDraft | null) => boolean;
  /** Asks the server. It never throws: a lost server is an answer. */
  readonly ask: (request: SyncRequest) => Promise<Answer<unknown>>;
  /** Does what has to be done about the job before what waits for it, or after; whether all of it is done. */
  readonly errands: (phase: 'before' | 'after') => Promise<QueuedOutcome>;
  /** Does something later, instead of what was to be done later before. */
  readonly later: (inMs: number, act: () => void) => void;
  readonly tick: () => Tick;
}

/** Where the state is held. */
export interface SyncAccess {
  readonly get: () => SyncState;
  readonly set: (state: SyncState) => void;
}

/**
 * Runs what events make of a job on a device.
 * @returns tells it an event
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
