'use client';

import { useCallback, useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { may } from '@/core/access/may';
import type { AtWork } from '@/core/instrument/at-work';
import { toast } from '../kit/toast';
import { restoreSafe } from '../storage/safe-storage';
import { duplicateOffline } from './create-offline';
import { listSavedJobs, removeSaved, savedBundle, type SavedJobSummary } from './device';
import { deviceUser } from './device-user';
import { PinPart } from './pin-part';
import {
  onRequestDone,
  type QueuedRequest,
  queuedRequests,
  queueRequest,
  retryRequest,
  sendQueued,
} from './queued-requests';
import { SavedJobLine } from './saved-job-line';
import { SavedJobs } from './saved-jobs';
import { type Waiting, waitingHere, waitsHere } from './waiting';
import { WaitingList } from './waiting-list';

/** Asks the server to archive a job once it is reached, unless someone else saved it since. */
const archiveHere = async ({ id, name }: SavedJobSummary, personId: string): Promise<boolean> => {
  const kept = await savedBundle(id, personId);
  return (
    kept !== null &&
    queueRequest({
      id: uuid(),
      about: id,
      personId,
      crewId: kept.crew.crewId,
      phase: 'after',
      words: `Archived: ${name}`,
      path: `/api/jobs/${id}/move`,
      method: 'POST',
      body: { action: 'archive', revision: kept.job.revision },
    })
  );
};

interface Found {
  readonly who: AtWork | null;
  readonly lines: readonly SavedJobSummary[];
  readonly waiting: readonly Waiting[];
  readonly errands: readonly QueuedRequest[];
}

/** This device's contents: jobs for offline use, and waiting entries with ways to send them. */
export const DeviceList = () => {
  const [found, setFound] = useState<Found | null>(null);
  const look = useCallback(async () => {
    await restoreSafe();
    const who = deviceUser();
    const personId = who?.personId ?? '';
    const lines = await listSavedJobs(personId);
    setFound({ who, lines, waiting: waitingHere(personId), errands: queuedRequests(personId) });
  }, []);
  useEffect(() => {
    const asked = setTimeout(() => void look(), 0);
    return () => clearTimeout(asked);
  }, [look]);
  // Actions take effect in the list at once.
  useEffect(() => onRequestDone(() => void look()), [look]);
  if (found === null) return null;
  const { who, lines, waiting, errands } = found;
  const personId = who?.personId ?? '';
  const waits = new Map(waiting.filter(({ isOthers }) => !isOthers).map((each) => [each.jobId, each]));
  /** Requests made here are sent at once when online. */
  const done = async (isKept: boolean, words: string) => {
    if (!isKept) return toast.error('Not enough space on this device. Remove other jobs first.');
    await sendQueued(personId, (jobId) => waitsHere(jobId, personId));
    toast(words);
    await look();
  };
  return (
    <>
      <SavedJobs
        lines={lines}
        row={(line) => (
          <SavedJobLine
            key={line.id}
            line={line}
            waits={waits.get(line.id)}
            mayChange={who !== null && may(who, 'change')}
            onCopy={async () => done(await duplicateOffline(uuid(), line.id), `Duplicated: ${line.name}`)}
            onArchive={async () => done(await archiveHere(line, personId), `Archived: ${line.name}`)}
            onLetGo={async () => {
              await removeSaved(line.id);
              await look();
            }}
          />
        )}
      />
      <WaitingList
        who={who}
        waiting={waiting}
        errands={errands}
        onTryAgain={async (id) => {
          retryRequest(id);
          await sendQueued(personId, (jobId) => waitsHere(jobId, personId));
          await look();
        }}
        isListed={(jobId) => lines.some(({ id }) => id === jobId)}
        onChanged={() => void look()}
      />
      {who && <PinPart personId={personId} />}
    </>
  );
};
