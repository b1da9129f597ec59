'use client';

import type { KeyboardEvent, RefObject } from 'react';
import { type LockoutMarker, markerLimitsF, markerValue } from '@/core/balance/outdoor-ruler';
import type { SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useJob, useJobNow } from '../job/provider';
import { sliderKeyF } from './slider-key';
import { useScaleDrag } from './use-scale-drag';

/** Props of a slider that moves a lockout marker, by pointer and keys; null if it has no fact. */
export const useLockoutMarker = (post: LockoutMarker, spanF: SpanF, track: RefObject<HTMLElement | null>) => {
  const preview = useJob((job) => job.previewFact);
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const { scale, text } = useDegrees();
  const { fact } = post;
  const limitsF = markerLimitsF(post);
  const drag = useScaleDrag({
    track,
    spanF,
    onDrag: (atF) => fact && preview(fact, markerValue(now().facts, post, atF)),
    onDrop: (atF) => fact && setFact(fact, markerValue(now().facts, post, atF)),
  });
  if (!fact || !limitsF) return null;
  return {
    role: 'slider',
    'aria-valuenow': post.atF,
    'aria-valuemin': limitsF[0],
    'aria-valuemax': limitsF[1],
    'aria-valuetext': text(post.atF),
    title: `${post.label} ${text(post.atF)}: drag, or use the arrow keys`,
    onKeyDown: (event: KeyboardEvent) => {
      const toF = sliderKeyF(scale, event.key, post.atF, limitsF);
      if (toF === null) return;
      event.preventDefault();
      setFact(fact, markerValue(now().facts, post, toF));
    },
    ...drag,
  } as const;
};
