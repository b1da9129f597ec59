'use client';

import { create } from 'zustand';

/** Position of the page's one cursor, and its speed: minutes of the run per second; null: paused. */
interface Cursor {
  readonly atMin: number;
  readonly speed: number | null;
  readonly go: (atMin: number) => void;
  readonly play: (speed: number | null) => void;
}

/** The cursor of the displayed day, shared by everything on its time axis. */
export const useCursor = create<Cursor>()((set) => ({
  atMin: 0,
  speed: null,
  go: (atMin) => set({ atMin }),
  play: (speed) => set({ speed }),
}));
