'use client';

import { useCallback, useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { may } from '@/core/access/may';
import type { AtWork } from '@/core/instrument/at-work';
import type { QueuedRequest } from '@/core/sync/queue/queued-request';
import { archivedJob } from '@/core/sync/queue/requests';
import { toast } from '../kit/toast';
import { restoreSafe } from '../storage/safe-storage';
import { duplicateOffline } from './create-offline';
import { listSavedJobs, removeSaved, savedBundle, type SavedJobSummary } from './device';
import { deviceUser } from './device-user';
import { PinPart } from './pin-part';
import { onRequestDone, queuedRequests, queueRequest, retryRequest, sendQueued } from './queued-requests';
import { SavedJobLine } from './saved-job-line';
import { SavedJobs } from './saved-jobs';
import { type Waiting, waitingHere, waitsHere } from './waiting';
import { WaitingList } from './waiting-list';

/** Asks the server to archive a job once it is reached, unless someone else saved it since. */
const archiveHere = async ({ id, name }: SavedJobSummary, personId: string): Promise<boolean> => {
  const kept = await savedBundle(id, personId);
  return (
    kept !== null &&
    queueRequest(
      archivedJob(uuid(), { jobId: id, name, revision: kept.job.revision }, { personId, crewId: kept.crew.crewId }),
    )
  );
};

interface Found {
  readonly who: AtWork | null;
  readonly lines: readonly SavedJobSummary[];
  readonly waiting: readonly Waiting[];
  readonly requests: readonly QueuedRequest[];
}

/** This device's contents: jobs for offline use, and waiting entries with ways to send them. */
export const DeviceList = () => {
  const [found, setFound] = useState<Found | null>(null);
  const look = useCallback(async () => {
    await restoreSafe();
    const who = deviceUser();
    const personId = who?.personId ?? '';
    const lines = await listSavedJobs(personId);
    setFound({ who, lines, waiting: waitingHere(personId), requests: queuedRequests(personId) });
  }, []);
  useEffect(() => {
    const asked = setTimeout(() => void look(), 0);
    return () => clearTimeout(asked);
  }, [look]);
  // Actions take effect in the list at once.
  useEffect(() => onRequestDone(() => void look()), [look]);
  if (found === null) return null;
  const { who, lines, waiting, requests } = found;
  const personId = who?.personId ?? '';
  const waits = new Map(
    waiting.filter(({ kind, isOthers }) => kind === 'job' && !isOthers).map((each) => [each.id, each]),
  );
  const send = async () => {
    await sendQueued(personId, (jobId) => waitsHere(jobId, personId));
    await look();
  };
  /** Requests made here are sent at once when online. */
  const done = async (isKept: boolean, words: string) => {
    if (!isKept) return toast.error('Not enough space on this device. Remove other jobs first.');
    await send();
    toast(words);
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
        requests={requests}
        onTryAgain={async (id) => {
          retryRequest(id);
          await send();
        }}
        isListed={(jobId) => lines.some(({ id }) => id === jobId)}
        onChanged={() => void look()}
        onSend={() => void send()}
      />
      {who && <PinPart personId={personId} />}
    </>
  );
};
