'use client';

import { Check, CloudOff, LoaderCircle, PencilLine, TriangleAlert, UserRound } from 'lucide-react';
import Link from 'next/link';
import { useJob } from '../job/provider';
import { DateText } from '../kit/date-text';

const CALM = 'flex shrink-0 items-center gap-1 text-sm text-quiet';
const LOUD = 'flex shrink-0 items-center gap-1 text-sm font-semibold';

/** Unfinished text in fields, with a link to the first. */
const TypedState = ({ count, place }: { count: number; place: string }) => (
  <Link
    href={place}
    prefetch={false}
    title="Typed and saved on this device but not entered yet. Tap to go there."
    className={`${LOUD} min-h-11 text-warn text-link`}
  >
    <PencilLine size={16} aria-hidden />
    {count} unfinished
  </Link>
);

/** Says whether everything is saved, and what prevents it. */
export const SaveState = () => {
  const state = useJob((job) => job.saveState);
  const problem = useJob((job) => job.problem);
  const savedAt = useJob((job) => job.savedAt ?? job.saved.updatedAt);
  const waiting = useJob((job) => Object.keys(job.pending).length + job.outbox.length + job.marksOut.length);
  const isUnkept = useJob((job) => job.isUnkept);
  const typed = useJob((job) => job.typed);
  const firstTyped = Object.values(typed)[0];
  switch (state) {
    case 'saved':
      return (
        <span role="status" className={CALM}>
          {firstTyped ? (
            <TypedState count={Object.keys(typed).length} place={firstTyped.place} />
          ) : (
            <>
              <Check size={16} aria-hidden />
              <span className="max-sm:sr-only">Saved</span> <DateText at={savedAt} only="time" />
            </>
          )}
        </span>
      );
    case 'waiting':
    case 'saving':
      return (
        <span role="status" className={CALM}>
          <LoaderCircle size={16} aria-hidden />
          Saving…
        </span>
      );
    case 'lost':
      if (isUnkept)
        return (
          <span role="status" title={problem} className={`${LOUD} text-fail`}>
            <TriangleAlert size={16} aria-hidden />
            {waiting} not saved: no room
          </span>
        );
      return (
        <span role="status" title={problem} className={`${LOUD} text-warn`}>
          {/* A whole load: without signal the device's own page answers. */}
          <a href="/device" className="flex min-h-11 items-center gap-1 text-link">
            <CloudOff size={16} aria-hidden />
            <span className="max-sm:sr-only">Offline ·</span> {waiting} saved here
          </a>
        </span>
      );
    case 'unnamed':
      return (
        <span role="status" className={`${LOUD} text-warn`}>
          <UserRound size={16} aria-hidden />
          Needs your name
        </span>
      );
    case 'stale':
    case 'refused':
      return (
        <span role="status" title={problem} className={`${LOUD} text-fail`}>
          <TriangleAlert size={16} aria-hidden />
          {state === 'stale' ? 'Conflict: two versions' : 'Not saved'}
        </span>
      );
  }
};
