'use client';

import { useEffect, useRef, useState } from 'react';
import { type JobListQuery, queryToAddress } from '@/core/job-list/job-list-query';
import type { JobListPage } from '@/core/job-list/job-summary';
import { toast } from '@/ui/kit/toast';
import { call, failedWords } from '@/ui/requests/api';

/** Delay before outdated rows are requested again, ms; the server answers once they are calculated. */
const OLD_AGAIN_MS = 300;
/** Rows that stay outdated say so. */
const MOST_REFRESHES = 20;

/** Debounce of typing, ms. */
const TYPING_MS = 150;

/** Rows of the job list: typing requests only rows, overtaken answers are dropped, and more jobs load page by page. */
export const useJobList = (page: JobListPage, first: JobListQuery) => {
  const [rows, setRows] = useState(page);
  const [asked, setAsked] = useState(first);
  const [isBusy, setBusy] = useState(false);
  /** The present request, for answers that arrive after the next one. */
  const now = useRef(asked);
  const question = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const looks = useRef(0);
  useEffect(() => {
    const hasOld = rows.jobs.some(({ isOld }) => isOld);
    if (!hasOld) looks.current = 0;
    if (!hasOld || looks.current >= MOST_REFRESHES) return;
    const again = setTimeout(
      async () => {
        looks.current++;
        const query = queryToAddress(now.current);
        const answer = await call<JobListPage>(`/api/jobs${query}${query === '' ? '?' : '&'}refresh=yes`);
        const fresh = new Map(answer.kind === 'ok' ? answer.value.jobs.map((job) => [job.id, job]) : []);
        // Updated in place: rows do not move while someone reads them.
        setRows((shown) => ({ ...shown, jobs: shown.jobs.map((job) => fresh.get(job.id) ?? job) }));
      },
      OLD_AGAIN_MS * (1 + looks.current),
    );
    return () => clearTimeout(again);
  }, [rows]);

  const get = async (query: string, land: (answer: JobListPage) => void) => {
    const mine = ++question.current;
    setBusy(true);
    const answer = await call<JobListPage>(`/api/jobs${query}`);
    if (mine !== question.current) return;
    setBusy(false);
    if (answer.kind === 'ok') land(answer.value);
    else toast.error(failedWords('The job list may be out of date.', answer));
  };
  const show = () => void get(queryToAddress(now.current), setRows);

  const ask = (change: Partial<JobListQuery>) => {
    now.current = { ...now.current, ...change };
    setAsked(now.current);
    window.history.replaceState(null, '', queryToAddress(now.current) || '/');
    clearTimeout(timer.current);
    timer.current = setTimeout(show, 'words' in change ? TYPING_MS : 0);
  };
  const more = () => {
    if (rows.next === null || isBusy) return;
    void get(queryToAddress(asked, rows.next), (answer) =>
      setRows((shown) => ({ jobs: [...shown.jobs, ...answer.jobs], next: answer.next })),
    );
  };
  return {
    ...rows,
    asked,
    isBusy,
    ask,
    more,
    refresh: show,
    /** Removes a row that left its list; if another list is displayed by now, reloads it. */
    drop: (id: string, fromArchived: boolean) =>
      fromArchived === now.current.isArchived
        ? setRows((shown) => ({ ...shown, jobs: shown.jobs.filter((job) => job.id !== id) }))
        : show(),
  };
};
