'use client';

import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { BoardPage } from '@/core/board/job-summary';
import { call, notDone } from '@/ui/api';

/** Nothing is asked for while somebody types faster than this, ms. */
const TYPING_MS = 150;

const queryOf = (words: string, isArchived: boolean, after?: string): string => {
  const query = new URLSearchParams({
    ...(words ? { search: words } : {}),
    ...(isArchived ? { shelf: 'archived' } : {}),
    ...(after === undefined ? {} : { after }),
  });
  return query.size > 0 ? `?${query}` : '';
};

/**
 * The board's rows as they are asked for: typing asks for rows alone, an answer that a later question has overtaken is
 * dropped, and older jobs come page by page.
 */
export const useBoard = (page: BoardPage, search: string, startsArchived: boolean) => {
  const [rows, setRows] = useState(page);
  const [asked, setAsked] = useState({ words: search, isArchived: startsArchived });
  const [isBusy, setBusy] = useState(false);
  /** What is asked for now, for answers that come later than the next question. */
  const now = useRef(asked);
  const question = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);

  const get = async (query: string, land: (answer: BoardPage) => void) => {
    const mine = ++question.current;
    setBusy(true);
    const answer = await call<BoardPage>(`/api/jobs${query}`);
    if (mine !== question.current) return;
    setBusy(false);
    if (answer.kind === 'ok') land(answer.value);
    else toast.error(notDone('The board is not up to date.', answer));
  };
  const show = (words: string, isArchived: boolean) => get(queryOf(words, isArchived), setRows);

  const ask = (words: string, isArchived: boolean) => {
    const isSameShelf = isArchived === now.current.isArchived;
    now.current = { words, isArchived };
    setAsked(now.current);
    window.history.replaceState(null, '', queryOf(words, isArchived) || '/');
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void show(words, isArchived), isSameShelf ? TYPING_MS : 0);
  };
  const more = () =>
    rows.next !== null &&
    void get(queryOf(asked.words, asked.isArchived, rows.next), (answer) =>
      setRows((shown) => ({ jobs: [...shown.jobs, ...answer.jobs], next: answer.next })),
    );
  const refresh = () => void show(now.current.words, now.current.isArchived);
  return {
    ...rows,
    ...asked,
    isBusy,
    ask,
    more,
    refresh,
    /** Takes a row out that has left its shelf; where another shelf is shown by now, asks for its rows. */
    drop: (id: string, fromArchived: boolean) =>
      fromArchived === now.current.isArchived
        ? setRows((shown) => ({ ...shown, jobs: shown.jobs.filter((job) => job.id !== id) }))
        : refresh(),
  };
};
