'use client';

import { useCallback, useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { Company } from '@/core/access/company';
import { jobNote } from '@/core/sync/queue/requests';
import { toast } from '../kit/toast';
import { sendOrQueue } from '../offline/queued-requests';
import { useAtWork } from '../person/at-work';
import { call, failedWords } from '../requests/api';

/** Presence report interval of a visible page, ms; the first one at idle. */
const EVERY_MS = 60_000;
const FIRST_MS = 1500;

type Stands = Pick<Company, 'note' | 'others'>;

/**
 * Presence and note of a job, polled while the page is visible.
 * @param onMark called with the job's state on the server
 */
export const useCompany = (jobId: string, note: Company['note'], onMark: (at: Company['at']) => void) => {
  const { me, personId, crewId } = useAtWork();
  const [company, setCompany] = useState<Stands>({ note, others: [] });
  const ask = useCallback(async () => {
    if (document.visibilityState === 'hidden') return;
    const answer = await call<Company>(`/api/jobs/${jobId}/presence`, { method: 'POST', body: { here: true } });
    if (answer.kind !== 'ok') return;
    setCompany(answer.value);
    onMark(answer.value.at);
  }, [jobId, onMark]);
  useEffect(() => {
    const first = setTimeout(ask, FIRST_MS);
    const timer = setInterval(ask, EVERY_MS);
    window.addEventListener('online', ask);
    document.addEventListener('visibilitychange', ask);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      window.removeEventListener('online', ask);
      document.removeEventListener('visibilitychange', ask);
    };
  }, [ask]);
  const leave = async (words: string) => {
    const answer = await sendOrQueue(jobNote(uuid(), jobId, words, { personId, crewId }));
    if (answer.kind === 'ok') return ask();
    if (answer.kind !== 'queued') return toast.error(failedWords('The note was not saved.', answer));
    setCompany((before) => ({
      ...before,
      note: words === '' ? null : { words, author: me, at: new Date().toISOString() },
    }));
    toast('The note is saved on this device and will sync when you are online.');
  };
  return { company, leave };
};
