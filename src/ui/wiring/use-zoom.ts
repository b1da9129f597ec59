'use client';

import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import { NARROW_SCREEN } from '../kit/use-media';

const STEP = 1.25;
const BOUNDS = [0.35, 2.5] as const;
/** No larger than this when fitted. */
const FITTED_MOST = 1;
/** Fitted it is never smaller than this: its smallest words, 13 units, stay at 11 px; what is wider is panned. */
const FITTED_LEAST = 0.86;
/** On a phone the whole is too small to read: there it starts this large, its smallest words 12 px, and is panned. */
const READABLE = 0.95;
/** Room that the drawing leaves below itself for the ruler, px. */
const DOCK_PX = 110;
const bounded = (zoom: number) => Math.min(BOUNDS[1], Math.max(BOUNDS[0], zoom));

export interface ZoomSteps {
  readonly fit: () => void;
  readonly larger: () => void;
  readonly smaller: () => void;
}

interface Zoom {
  /** The element that the drawing has to fit. */
  readonly frame: RefObject<HTMLDivElement | null>;
  readonly zoom: number;
  readonly steps: ZoomSteps;
}

/** How large a drawing of this size is in its frame, so that all of it shows; a new size begins anew. */
export const useZoom = (width: number, height: number): Zoom => {
  const frame = useRef<HTMLDivElement>(null);
  const [zoom, setZoom] = useState(1);
  const fitted = useCallback(
    (fitsHeight: boolean) => {
      const box = frame.current?.getBoundingClientRect();
      if (!box) return 1;
      const across = frame.current!.clientWidth / width;
      const down = (window.innerHeight - DOCK_PX - (box.top + window.scrollY)) / height;
      return Math.max(FITTED_LEAST, Math.min(FITTED_MOST, across, fitsHeight ? down : Infinity));
    },
    [width, height],
  );
  // Until someone chooses a size, the drawing follows the room that it has.
  const isChosen = useRef(false);
  useEffect(() => {
    isChosen.current = false;
    const observer = new ResizeObserver(() => {
      if (isChosen.current) return;
      setZoom(window.matchMedia(NARROW_SCREEN).matches ? Math.max(READABLE, fitted(false)) : fitted(true));
    });
    if (frame.current) observer.observe(frame.current);
    // What stands above it, such as a caution that folds, moves it without changing its size.
    observer.observe(document.body);
    return () => observer.disconnect();
  }, [fitted]);
  const choose = (next: (now: number) => number) => {
    isChosen.current = true;
    setZoom((now) => bounded(next(now)));
  };
  return {
    frame,
    zoom,
    steps: {
      fit: () => choose(() => fitted(true)),
      larger: () => choose((now) => now * STEP),
      smaller: () => choose((now) => now / STEP),
    },
  };
};
