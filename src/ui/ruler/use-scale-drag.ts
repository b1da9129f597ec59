'use client';

import { type PointerEvent, type RefObject, useRef } from 'react';
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
  const move = (event: PointerEvent) => {
    const { left, width } = box.current!;
    const atF = nearestF(scale, atShare(spanF, (event.clientX - left) / width));
    if (atF === last.current) return;
    last.current = atF;
    onDrag(atF);
  };
  const end = () => {
    if (last.current !== null) onDrop?.(last.current);
    last.current = null;
  };
  return {
    onPointerDown: (event: PointerEvent) => {
      // A draggable part within a draggable scale moves alone.
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      box.current = track.current!.getBoundingClientRect();
      move(event);
    },
    onPointerMove: (event: PointerEvent) => {
      if (last.current !== null) move(event);
    },
    onPointerUp: end,
    onPointerCancel: end,
  };
};
