'use client';

import { type RefObject, useEffect, useRef, useState } from 'react';

const STEP = 1.25;
const BOUNDS = [0.35, 2.5] as const;
/** No larger than this when fitted. */
const FITTED_MOST = 1.2;
/** On a phone the whole is too small to read: there it starts this large and is panned. */
const READABLE = 0.62;
const bounded = (zoom: number) => Math.min(BOUNDS[1], Math.max(BOUNDS[0], zoom));
const fitted = (room: number, width: number) => Math.min(FITTED_MOST, room / width);

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

/** How large a drawing of this width stands in its frame; a new width begins anew. */
export const useZoom = (width: number): Zoom => {
  const frame = useRef<HTMLDivElement>(null);
  const [zoom, setZoom] = useState(1);
  useEffect(() => {
    const room = frame.current?.clientWidth ?? width;
    setZoom(bounded(Math.max(READABLE, fitted(room, width))));
  }, [width]);
  return {
    frame,
    zoom,
    steps: {
      fit: () => setZoom(bounded(fitted(frame.current?.clientWidth ?? width, width))),
      larger: () => setZoom((now) => bounded(now * STEP)),
      smaller: () => setZoom((now) => bounded(now / STEP)),
    },
  };
};
