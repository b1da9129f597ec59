'use client';

import { useDrag } from '@use-gesture/react';
import { type RefObject, useRef } from 'react';
import { nearestF } from '@/core/units/degrees';
import { atShare, type SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';

interface ScaleDrag {
  readonly track: RefObject<HTMLElement | null>;
  readonly spanF: SpanF;
  readonly onDrag: (atF: number) => void;
  readonly onDrop?: (atF: number) => void;
}

/** Handlers that turn a pointer on the scale into its nearest mark, °F. */
export const useScaleDrag = ({ track, spanF, onDrag, onDrop }: ScaleDrag) => {
  const { scale } = useDegrees();
  const last = useRef<number | null>(null);
  // Measured on press: measuring on each move would force layout each time.
  const box = useRef<DOMRect | null>(null);
  const bind = useDrag(
    ({ event, first: isPress, last: isDrop, xy: [x] }) => {
      if (isPress) {
        // A draggable part within a draggable scale moves alone.
        event.stopPropagation();
        box.current = track.current!.getBoundingClientRect();
      }
      const { left, width } = box.current!;
      const atF = nearestF(scale, atShare(spanF, (x - left) / width));
      if (atF !== last.current) onDrag(atF);
      last.current = isDrop ? null : atF;
      if (isDrop) onDrop?.(atF);
    },
    { pointer: { keys: false } },
  );
  return bind();
};
