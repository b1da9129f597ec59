'use client';

import type { RefObject } from 'react';
import type { LockoutMarker as Post } from '@/core/balance/outdoor-ruler';
import { lockoutsTested } from '@/core/startup/proved-lockouts';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { timeWords } from '../kit/date-text';
import { useLockoutMarker } from './use-lockout-marker';

/** A lockout marker on a lane. With a fact it can be dragged, or moved with arrow keys. */
export const LockoutMarkerHandle = ({
  post,
  place: where,
  spanF,
  track,
}: {
  post: Post;
  /** Place of the scale in the slider's name, if a page has two. */
  place: string | undefined;
  spanF: SpanF;
  track: RefObject<HTMLElement | null>;
}) => {
  const { figure, text, unit } = useDegrees();
  const slider = useLockoutMarker(post, spanF, track);
  const place = { left: `${percentAlong(spanF, post.atF)}%` };
  const proved = useJob((job) => lockoutsTested(job.facts, job.readings, post));
  const bar = (
    <>
      <span className="absolute inset-y-[-5px] left-1/2 w-[5px] -translate-x-1/2 rounded-[1px] bg-ink" />
      <span
        className={`absolute top-[-9px] left-1/2 size-[11px] -translate-x-1/2 rotate-45 border-2 border-ink ${proved ? 'bg-ink' : 'bg-paper'}`}
      />
    </>
  );
  if (!slider) {
    return (
      <span className="absolute inset-y-0 w-3 -translate-x-1/2" style={place} title={`${post.label} ${text(post.atF)}`}>
        {bar}
      </span>
    );
  }
  return (
    <button
      type="button"
      aria-label={`${post.label}${where ? `, lane ${where}` : ''}, ${unit}`}
      className="absolute inset-y-[-11px] z-10 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
      style={place}
      {...slider}
      title={`${slider.title}. ${proved ? `Proved ${timeWords(proved, 'day')}` : 'Assumed: not yet proven in Startup'}.`}
    >
      <span className="absolute inset-y-[11px] left-1/2 w-3 -translate-x-1/2">{bar}</span>
      <span className="absolute top-1/2 left-[calc(50%+7px)] -translate-y-1/2 bg-paper px-0.5 font-mono text-xs font-semibold text-ink">
        {figure(post.atF)}
      </span>
    </button>
  );
};
