'use client';

import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { unsettled } from '@/core/handover/unsettled';
import { maySign } from '@/core/startup/shut-off';
import { handedOverJob } from '@/core/sync/queue/requests';
import { usePutBack } from '../diagnose/use-put-back';
import { useJob, useJobNow } from '../job/provider';
import { useBundleActions } from '../job/use-saved-jobs';
import { DateText } from '../kit/date-text';
import { toast } from '../kit/toast';
import { saveJobCopy } from '../offline/device';
import { queueRequest } from '../offline/queued-requests';
import { useAtWork } from '../person/at-work';
import { usePerson } from '../person/person';
import { call, failedWords } from '../requests/api';
import { ShutOffLine } from '../stop-work/shut-off-line';
import { useStops } from '../stop-work/use-stops';
import { UnsettledDialog } from './unsettled-dialog';
import { useRecordNow } from './use-record-now';

/** Hands the job over, or undoes it; asks first if something failed or is open. */
export const HandOver = () => {
  const record = useRecordNow();
  const id = useJob((job) => job.saved.id);
  const handedOverAt = useJob((job) => job.saved.handedOverAt);
  const imported = useJob((job) => job.saved.imported);
  const acknowledge = useJob((job) => job.acknowledge);
  const saveState = useJob((job) => job.saveState);
  const putBack = usePutBack();
  const { shutOff } = useStops();
  const now = useJobNow();
  const [asks, setAsks] = useState<readonly string[]>([]);
  const { refresh, change } = useBundleActions();
  const { me, personId, crewId } = useAtWork();
  /** Offline: it counts as handed over here, and the server learns of it after the job's other entries. */
  const handOverHere = async () => {
    const { moment, saved } = now();
    const handedOverAt = new Date().toISOString();
    const seen = { outdoorF: moment.outdoorF, indoorF: moment.indoorF, printed: record };
    const isKept = queueRequest(handedOverJob(uuid(), id, seen, { personId, crewId }));
    if (!isKept) return toast.error('This device has no space to save the handover. Hand over when you are online.');
    const kept = { id: uuid(), handedOverAt, author: me, coreVersion: process.env.CORE_VERSION ?? '', record };
    // Reported once stored: a reload at that moment shows it.
    await saveJobCopy({ ...saved, handedOverAt }, personId);
    await change('handovers', (earlier) => [kept, ...earlier]);
    acknowledge({ handedOverAt });
    toast('Handed over on this device. It will sync after this job’s other unsent entries.');
  };
  const move = async (action: 'hand-over' | 'take-back') => {
    const { moment, saved } = now();
    const seen =
      action === 'hand-over'
        ? { outdoorF: moment.outdoorF, indoorF: moment.indoorF, revision: saved.revision, printed: record }
        : {};
    const answer = await call(`/api/jobs/${id}/move`, {
      method: 'POST',
      body: { action, author: usePerson.getState().author, ...seen },
    });
    if (answer.kind === 'lost' && action === 'hand-over') return handOverHere();
    // Loads the changes since, so that they are seen before signing.
    if (answer.kind === 'refused' && answer.status === 409) await refresh();
    if (answer.kind !== 'ok')
      return toast.error(
        failedWords(
          action === 'hand-over' ? 'Handover canceled; the job is open again.' : 'The job is still handed over.',
          answer,
        ),
      );
    acknowledge({ handedOverAt: action === 'hand-over' ? new Date().toISOString() : null });
    // The stored record comes from the server.
    await refresh();
  };
  return (
    <>
      {handedOverAt === null ? (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            const left = unsettled(record);
            if (left.length === 0) void move('hand-over');
            else setAsks(left);
          }}
          disabled={!(saveState === 'saved' || saveState === 'lost') || putBack.length > 0 || !maySign(shutOff)}
        >
          {shutOff.kind === 'clear' ? 'Hand over job' : 'Sign as shut off and tagged'}
        </button>
      ) : (
        <span className="flex flex-wrap items-center gap-2 text-sm">
          {imported && handedOverAt <= imported.at ? 'Imported, signed elsewhere' : 'Handed over'}{' '}
          <DateText at={handedOverAt} />
          <button type="button" className="bare-button px-2 text-link" onClick={() => move('take-back')}>
            Undo handover
          </button>
        </span>
      )}
      {handedOverAt === null && <ShutOffLine />}
      {handedOverAt === null && putBack.length > 0 && (
        <p role="status" className="basis-full font-semibold text-fail">
          Put this back first: {putBack.join('; ')}. The list is on Diagnose.
        </p>
      )}
      {asks.length > 0 && (
        <UnsettledDialog
          lines={asks}
          onGo={() => {
            setAsks([]);
            void move('hand-over');
          }}
          onClose={() => setAsks([])}
        />
      )}
    </>
  );
};
