'use client';

import { Check, CloudOff, LoaderCircle, TriangleAlert, UserRound } from 'lucide-react';
import { When } from '../when';
import { useJob } from './provider';

/** Says whether everything entered is saved, and what holds it up if not. */
export const SaveState = () => {
  const state = useJob((job) => job.saveState);
  const problem = useJob((job) => job.problem);
  const savedAt = useJob((job) => job.savedAt ?? job.saved.updatedAt);
  const waiting = useJob((job) => Object.keys(job.pending).length + job.outbox.length + job.marksOut.length);
  switch (state) {
    case 'saved':
      return (
        <span role="status" className="flex items-center gap-1.5 text-sm text-quiet">
          <Check size={16} aria-hidden />
          Saved <When at={savedAt} only="time" />
        </span>
      );
    case 'waiting':
    case 'saving':
      return (
        <span role="status" className="flex items-center gap-1.5 text-sm text-quiet">
          <LoaderCircle size={16} aria-hidden />
          Saving…
        </span>
      );
    case 'lost':
      return (
        <span role="status" title={problem} className="flex items-center gap-1.5 text-sm font-semibold text-warn">
          <CloudOff size={16} aria-hidden />
          Not reached · {waiting} kept here
        </span>
      );
    case 'unnamed':
      return (
        <span role="status" className="flex items-center gap-1.5 text-sm font-semibold text-warn">
          <UserRound size={16} aria-hidden />
          Wants your name
        </span>
      );
    case 'stale':
    case 'refused':
      return (
        <span role="status" title={problem} className="flex items-center gap-1.5 text-sm font-semibold text-fail">
          <TriangleAlert size={16} aria-hidden />
          {state === 'stale' ? 'Two versions' : 'Not saved'}
        </span>
      );
  }
};
