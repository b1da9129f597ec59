import type { Answer } from './answer';
import type { CommonEvent, QueuedOutcome, SyncEffect, SyncRequest, SyncStep, Tick } from './step';

/** Something that is synced: how its events change it, and what of it a device stores. */
export interface Machine<State extends { readonly isUnkept: boolean }, Event, Draft> {
  readonly step: (state: State, event: Event | CommonEvent) => SyncStep<State>;
  /** Unacknowledged entries; null if there are none. */
  readonly draftOf: (state: State) => Draft | null;
}

/** A device's services for syncing: store, ask, wait, tell time. */
export interface SyncPorts<Draft> {
  /** Stores unacknowledged entries, or clears them (null); false if there is no space. */
  readonly keep: (draft: Draft | null) => boolean;
  /** Asks the server. Never throws: a lost server is an answer. */
  readonly ask: (request: SyncRequest) => Promise<Answer<unknown>>;
  /** Sends the queued requests that come before these entries, or after; whether all are done. */
  readonly sendQueue: (phase: 'before' | 'after') => Promise<QueuedOutcome>;
  /** Schedules an action, replacing the one scheduled before. */
  readonly later: (inMs: number, act: () => void) => void;
  readonly tick: () => Tick;
}

/** Where the state is stored. */
export interface SyncAccess<State> {
  readonly get: () => State;
  readonly set: (state: State) => void;
}

/**
 * Runs a sync state machine on a device.
 * @returns the function that takes events
 */
export const runSync = <State extends { readonly isUnkept: boolean }, Event, Draft>(
  { step, draftOf }: Machine<State, Event, Draft>,
  { get, set }: SyncAccess<State>,
  ports: SyncPorts<Draft>,
): ((event: Event | CommonEvent) => void) => {
  const carryOut = (effect: SyncEffect): void => {
    switch (effect.kind) {
      case 'keep': {
        const isKept = ports.keep(draftOf(get()));
        if (isKept === get().isUnkept) tell({ kind: isKept ? 'kept' : 'not kept' });
        return;
      }
      case 'again':
        return ports.later(effect.inMs, () => tell({ kind: 'due', ...ports.tick() }));
      case 'ask':
        void ports.ask(effect.request).then((answer) => tell({ kind: 'answered', answer, ...ports.tick() }));
        return;
      case 'send queue':
        void ports.sendQueue(effect.phase).then((outcome) => {
          if (effect.phase === 'before') tell({ kind: 'queue tried', outcome, ...ports.tick() });
        });
    }
  };
  const tell = (event: Event | CommonEvent): void => {
    const before = get();
    const { state, effects } = step(before, event);
    if (state !== before) set(state);
    effects.forEach(carryOut);
  };
  return tell;
};
