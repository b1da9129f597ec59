import type { FactPath } from '../../job/document';
import type { StoredJob } from '../../job/stored-job';
import type { CommonEvent } from '../step';
import type { JobDraft } from './draft';

/** Events of a job on a device. */
export type JobEvent =
  /** An entry was made and is to be sent after a delay. */
  | { readonly kind: 'entered'; readonly inMs: number }
  /** Drafts that earlier pages of this device left unacknowledged. */
  | { readonly kind: 'found'; readonly drafts: readonly JobDraft[]; readonly newId: string }
  /** The server's or another tab's newer state of the job. */
  | { readonly kind: 'received'; readonly job: StoredJob }
  /** A conflict was resolved: the named facts keep the value entered here, all others take the saved one. */
  | { readonly kind: 'settled'; readonly mine: readonly FactPath[] };

/** All events that the job's machine takes. */
export type SyncEvent = JobEvent | CommonEvent;
