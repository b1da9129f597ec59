'use client';

import { useCallback, useEffect, useState } from 'react';
import type { Company } from '@/core/access/company';
import { toast } from '../kit/toast';
import { call, failedWords } from '../requests/api';

/** How often a page that is looked at says that it is, ms; the first time once it has come to rest. */
const EVERY_MS = 60_000;
const FIRST_MS = 1500;

type Stands = Pick<Company, 'note' | 'others'>;

/**
 * What is on a job for whoever opens it and who else is on it, asked for as long as the page is looked at.
 * @param onMark told each time how far the job is on the server
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
