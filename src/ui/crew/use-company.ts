'use client';

import { useCallback, useEffect, useState } from 'react';
import type { Company } from '@/core/access/company';
import { toast } from '../kit/toast';
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
    const answer = await call(`/api/jobs/${jobId}/notes`, { method: 'POST', body: { words } });
    if (answer.kind === 'ok') await ask();
    else toast.error(failedWords('The note was not saved.', answer));
  };
  return { company, leave };
};
