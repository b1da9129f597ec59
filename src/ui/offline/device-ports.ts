import { v4 as uuid } from 'uuid';
import type { EnteredBy } from '@/core/access/entered-by';
import type { SyncPorts } from '@/core/sync/run';
import type { Tick } from '@/core/sync/step';
import { call } from '../requests/api';
import { saveDraft } from '../storage/drafts';
import { onDisk, restoreSafe } from '../storage/safe-storage';
import { isQueued, refusedBefore, sendQueued } from './queued-requests';

/** Time, id and chance of this moment. */
export const tickNow = (): Tick => ({ at: new Date().toISOString(), newId: uuid(), chance: Math.random() });

/** What is synced: the subject of its drafts, and of queued requests on it. */
interface Subject {
  readonly draft: string;
  readonly about: string;
}

/**
 * This device's services for syncing a job or a profile.
 * @param owner who enters it
 * @returns the services, and how to stop what they scheduled
 */
export const devicePorts = <Draft extends object>({ draft: of, about }: Subject, owner: () => EnteredBy) => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ports: SyncPorts<Draft> = {
    keep: (draft) => {
      const { personId, crewId } = owner();
      return saveDraft(of, draft && { ...draft, crewId }, personId);
    },
    ask: async ({ method, path, body }) => {
      // When a page says that an entry is saved here, it is on the disk.
      await onDisk();
      const by = owner();
      return call(path, { method, body }, by.personId ? by : undefined);
    },
    sendQueue: async (phase) => {
      await restoreSafe();
      const { personId } = owner();
      if (!isQueued(about, phase, personId)) return { areDone: true };
      // Of the requests that come after, only those that no other job still needs to precede.
      await sendQueued(personId, (other) => phase === 'before' || other !== about);
      return isQueued(about, phase, personId)
        ? { areDone: false, refusal: refusedBefore(about, personId) }
        : { areDone: true };
    },
    later: (inMs, act) => {
      clearTimeout(timer);
      timer = setTimeout(act, inMs);
    },
    tick: tickNow,
  };
  return { ports, stop: () => clearTimeout(timer) };
};
