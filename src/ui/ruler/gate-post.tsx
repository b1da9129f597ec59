'use client';

import type { RefObject } from 'react';
import { type GatePost as Post, postLimitsF, postValue } from '@/core/crossing/ruler';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useJob, useJobNow } from '../job/provider';
import { useScaleDrag } from './use-scale-drag';

/** A post on a lane. One that stands for a fact can be dragged, or moved with the arrow keys. */
export const GatePost = ({ post, spanF, track }: { post: Post; spanF: SpanF; track: RefObject<HTMLElement | null> }) => {
  const preview = useJob((job) => job.previewFact);
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const { fact } = post;
  const limitsF = postLimitsF(post);
  const drag = useScaleDrag({
    track,
    spanF,
    onDrag: (atF) => fact && preview(fact, postValue(now().facts, post, atF)),
    onDrop: (atF) => fact && setFact(fact, postValue(now().facts, post, atF)),
  });
  const place = { left: `${percentAlong(spanF, post.atF)}%` };
  const bar = (
    <>
      <span className="absolute inset-y-[-5px] left-1/2 w-[5px] -translate-x-1/2 rounded-[1px] bg-ink" />
      <span className="absolute top-[-9px] left-1/2 size-[11px] -translate-x-1/2 rotate-45 border-2 border-ink bg-paper" />
    </>
  );
  if (!fact) {
    return (
      <span className="absolute inset-y-0 w-3 -translate-x-1/2" style={place} title={`${post.label} ${post.atF} °F`}>
        {bar}
      </span>
    );
  }
  return (
    <button
      type="button"
      role="slider"
      aria-label={`${post.label}, °F`}
      aria-valuenow={post.atF}
      aria-valuemin={limitsF?.[0]}
      aria-valuemax={limitsF?.[1]}
      aria-valuetext={`${post.atF} °F`}
      title={`${post.label} ${post.atF} °F: drag, or use the arrow keys`}
      className="absolute inset-y-[-8px] z-10 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
      style={place}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -5, PageUp: 5 }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        setFact(fact, postValue(now().facts, post, post.atF + by));
      }}
      {...drag}
    >
      <span className="absolute inset-y-[8px] left-1/2 w-3 -translate-x-1/2">{bar}</span>
      <span className="absolute top-1/2 left-[calc(50%+7px)] -translate-y-1/2 bg-paper px-0.5 font-mono text-xs font-semibold text-ink">{post.atF}</span>
    </button>
  );
};
