'use client';

import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import { NARROW_SCREEN } from '../kit/use-media';

const STEP = 1.25;
const BOUNDS = [0.35, 2.5] as const;
/** Maximum zoom when fitted. */
const FITTED_MOST = 1;
/** Minimum zoom when fitted: the smallest text, 13 units, stays at 11 px; a wider drawing scrolls. */
const FITTED_LEAST = 0.86;
/** On a phone the whole drawing is too small to read: it starts at this zoom, with 12 px text, and scrolls. */
const READABLE = 0.95;
/** Space below the drawing for the ruler, px. */
const DOCK_PX = 110;
const bounded = (zoom: number) => Math.min(BOUNDS[1], Math.max(BOUNDS[0], zoom));

export interface ZoomSteps {
  readonly fit: () => void;
  readonly larger: () => void;
  readonly smaller: () => void;
}

interface Zoom {
  /** The element that the drawing must fit. */
  readonly frame: RefObject<HTMLDivElement | null>;
  readonly zoom: number;
  readonly steps: ZoomSteps;
}

/** Zoom of a drawing that fits its frame; a new drawing size starts over. */
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
  // Until someone zooms, the drawing follows the available space.
  const isChosen = useRef(false);
  useEffect(() => {
    isChosen.current = false;
    const observer = new ResizeObserver(() => {
      if (isChosen.current) return;
      setZoom(window.matchMedia(NARROW_SCREEN).matches ? Math.max(READABLE, fitted(false)) : fitted(true));
    });
    if (frame.current) observer.observe(frame.current);
    // Content above, such as a folding caution, moves it without resizing it.
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
