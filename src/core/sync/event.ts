import type { FactPath } from '../job/document';
import type { StoredJob } from '../job/stored-job';
import type { Answer } from './answer';
import type { JobDraft } from './draft';

/** The device's time, and a new id. */
export interface Tick {
  /** ISO 8601, by the device clock. */
  readonly at: string;
  readonly newId: string;
}

/** Whether everything that must precede a job's entries is done; else why not (empty: no answer). */
export type QueuedOutcome = { readonly areDone: true } | { readonly areDone: false; readonly refusal: string };

/** Events of a job on a device. */
export type SyncEvent =
  /** An entry was made and is to be sent after a delay. */
  | { readonly kind: 'entered'; readonly inMs: number }
  /** What is not acknowledged is to be kept again, as while somebody types and before the page goes. */
  | { readonly kind: 'hold' }
  /** It is time to send, or the line is back. */
  | ({ readonly kind: 'due' } & Tick)
  /** Whether all is done that has to be done about the job before, as where it began on this device. */
  | ({ readonly kind: 'errands tried'; readonly outcome: QueuedOutcome } & Tick)
  | ({ readonly kind: 'answered'; readonly answer: Answer<unknown> } & Tick)
  /** The device could not keep what is not acknowledged. */
  | { readonly kind: 'not kept' }
  /** The device had room for it again. */
  | { readonly kind: 'kept' }
  /** What earlier pages of this device left unacknowledged. */
  | { readonly kind: 'found'; readonly drafts: readonly JobDraft[]; readonly newId: string }
  /** The server, or another tab, has this of the job by now. */
  | { readonly kind: 'received'; readonly job: StoredJob }
  /** A stale save was settled: the named facts keep the value entered here, all others take the saved one. */
  | { readonly kind: 'settled'; readonly mine: readonly FactPath[] };

/** A request to the server. */
export interface SyncRequest {
  readonly method: 'POST' | 'PATCH';
  readonly path: string;
  readonly body: unknown;
}

/** Effects outside of the state. */
export type SyncEffect =
  /** Store unacknowledged entries on the device. */
  | { readonly kind: 'keep' }
  /** Be due again after so long, instead of whenever that was to be. */
  | { readonly kind: 'again'; readonly inMs: number }
  | { readonly kind: 'ask'; readonly request: SyncRequest }
  /** Do what has to be done about the job before what waits, and say whether it is; or after it. */
  | { readonly kind: 'errands'; readonly phase: 'before' | 'after' };
