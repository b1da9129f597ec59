'use client';

import { useCallback, useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { AtWork } from '@/core/access/at-work';
import { may } from '@/core/access/may';
import { toast } from '../kit/toast';
import { restoreSafe } from '../storage/safe-storage';
import { duplicateHere } from './create-offline';
import { keptAlong, letGo, listOnDevice, type OnDeviceLine } from './device';
import { keptWho } from './device-user';
import { PinPart } from './pin-part';
import { doErrands, type Errand, errandsOf, keepErrand, onErrandDone, tryErrandAgain } from './queued-requests';
import { KeptJobLine } from './saved-job-line';
import { KeptJobs } from './saved-jobs';
import { type Waiting, waitingHere, waitsHere } from './waiting';
import { WaitingList } from './waiting-list';

/** Asks the server to archive a job, once it is reached, unless somebody else saved it since it was seen here. */
const archiveHere = async ({ id, name }: OnDeviceLine, personId: string): Promise<boolean> => {
  const kept = await keptAlong(id, personId);
  return (
    kept !== null &&
    keepErrand({
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
  readonly lines: readonly OnDeviceLine[];
  readonly waiting: readonly Waiting[];
  readonly errands: readonly Errand[];
}

/** What is on this device: jobs that open without signal, and what waits to be sent, with its way out. */
export const DeviceList = () => {
  const [found, setFound] = useState<Found | null>(null);
  const look = useCallback(async () => {
    await restoreSafe();
    const who = keptWho();
    const personId = who?.personId ?? '';
    const lines = await listOnDevice(personId);
    setFound({ who, lines, waiting: waitingHere(personId), errands: errandsOf(personId) });
  }, []);
  useEffect(() => {
    const asked = setTimeout(() => void look(), 0);
    return () => clearTimeout(asked);
  }, [look]);
  // What is done while somebody looks is off the list at once.
  useEffect(() => onErrandDone(() => void look()), [look]);
  if (found === null) return null;
  const { who, lines, waiting, errands } = found;
  const personId = who?.personId ?? '';
  const waits = new Map(waiting.filter(({ isOthers }) => !isOthers).map((each) => [each.jobId, each]));
  /** What was asked for here is done at once where there is signal. */
  const done = async (isKept: boolean, words: string) => {
    if (!isKept) return toast.error('Not enough space on this device. Remove other jobs first.');
    await doErrands(personId, (jobId) => waitsHere(jobId, personId));
    toast(words);
    await look();
  };
  return (
    <>
      <KeptJobs
        lines={lines}
        row={(line) => (
          <KeptJobLine
            key={line.id}
            line={line}
            waits={waits.get(line.id)}
            mayChange={who !== null && may(who, 'change')}
            onCopy={async () => done(await duplicateHere(uuid(), line.id), `Duplicated: ${line.name}`)}
            onArchive={async () => done(await archiveHere(line, personId), `Archived: ${line.name}`)}
            onLetGo={async () => {
              await letGo(line.id);
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
          tryErrandAgain(id);
          await doErrands(personId, (jobId) => waitsHere(jobId, personId));
          await look();
        }}
        isListed={(jobId) => lines.some(({ id }) => id === jobId)}
        onChanged={() => void look()}
      />
      {who && <PinPart personId={personId} />}
    </>
  );
};
