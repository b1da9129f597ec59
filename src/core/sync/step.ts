import type { Answer } from './answer';

/** The device's time, a new id, and chance. */
export interface Tick {
  /** ISO 8601, by the device clock. */
  readonly at: string;
  readonly newId: string;
  /** Random, 0 to 1: spreads retries. */
  readonly chance: number;
}

/** A request to the server. */
export interface SyncRequest {
  readonly method: 'POST' | 'PATCH' | 'PUT';
  readonly path: string;
  readonly body: unknown;
}

/** Whether all queued requests that come first are done; else why not (empty: no answer). */
export type QueuedOutcome = { readonly areDone: true } | { readonly areDone: false; readonly refusal: string };

/** Events of whatever is synced. */
export type CommonEvent =
  /** Store unacknowledged entries again, as while someone types and before the page goes. */
  | { readonly kind: 'hold' }
  /** It is time to send, or the connection is back. */
  | ({ readonly kind: 'due' } & Tick)
  /** Whether the queued requests that come first are done, as where the job began on this device. */
  | ({ readonly kind: 'queue tried'; readonly outcome: QueuedOutcome } & Tick)
  | ({ readonly kind: 'answered'; readonly answer: Answer<unknown> } & Tick)
  /** The device has no space for unacknowledged entries. */
  | { readonly kind: 'not kept' }
  /** The device has space for them again. */
  | { readonly kind: 'kept' };

/** Effects outside of the state. */
export type SyncEffect =
  /** Store unacknowledged entries on the device. */
  | { readonly kind: 'keep' }
  /** Be due again after a delay, replacing the one scheduled before. */
  | { readonly kind: 'again'; readonly inMs: number }
  | { readonly kind: 'ask'; readonly request: SyncRequest }
  /** Send the queued requests that come before these entries, or after them. */
  | { readonly kind: 'send queue'; readonly phase: 'before' | 'after' };

/** Result of an event: the new state, and the effects. */
export interface SyncStep<State> {
  readonly state: State;
  readonly effects: readonly SyncEffect[];
}

/** Message when the device has no space. */
export const NO_ROOM = 'This device has no space left for unsent entries. Do not close the page.';

/** Message without a connection. */
export const NO_ANSWER = 'The server is not responding. What you entered is saved on this device.';
