'use client';

import { Download, Printer } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { call } from '../api';
import { useJob, useJobNow } from '../job/provider';
import { usePerson } from '../person';
import { When } from '../when';

/** Print, take away as files, mark handed over. */
export const HandoverActions = () => {
  const id = useJob((job) => job.saved.id);
  const handedOverAt = useJob((job) => job.saved.handedOverAt);
  const acknowledge = useJob((job) => job.acknowledge);
  const saveState = useJob((job) => job.saveState);
  const now = useJobNow();
  const router = useRouter();
  const move = async (action: 'hand-over' | 'take-back') => {
    const { moment, saved } = now();
    const seen =
      action === 'hand-over' ? { outdoorF: moment.outdoorF, indoorF: moment.indoorF, revision: saved.revision } : {};
    const answer = await call(`/api/jobs/${id}/move`, {
      method: 'POST',
      body: { action, author: usePerson.getState().author, ...seen },
    });
    if (answer.kind !== 'ok') return toast.error(answer.error);
    acknowledge({ handedOverAt: action === 'hand-over' ? new Date().toISOString() : null });
    // The record as it is kept comes from the server.
    router.refresh();
  };
  return (
    <div className="no-print mx-auto mb-4 flex max-w-[52rem] flex-wrap items-center gap-2">
      <button type="button" className="strong-button" onClick={() => window.print()}>
        <Printer size={18} aria-hidden /> Print
      </button>
      <a className="plain-button" href={`/api/jobs/${id}/file`} download>
        <Download size={18} aria-hidden /> Job file (JSON)
      </a>
      <a className="plain-button" href={`/api/jobs/${id}/readings.csv`} download>
        <Download size={18} aria-hidden /> Readings (CSV)
      </a>
      <a className="plain-button" href={`/api/jobs/${id}/settings.csv`} download>
        <Download size={18} aria-hidden /> Settings (CSV)
      </a>
      {handedOverAt === null ? (
        <button
          type="button"
          className="plain-button"
          onClick={() => move('hand-over')}
          disabled={saveState !== 'saved'}
        >
          Mark handed over
        </button>
      ) : (
        <span className="flex flex-wrap items-center gap-2 text-sm">
          Handed over <When at={handedOverAt} />
          <button
            type="button"
            className="bare-button px-2 underline underline-offset-4"
            onClick={() => move('take-back')}
          >
            Take back
          </button>
        </span>
      )}
    </div>
  );
};
