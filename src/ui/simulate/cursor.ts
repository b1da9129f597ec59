'use client';

import { create } from 'zustand';

/** Where the page's one cursor stands, and how fast it goes by itself: minutes of the run a second; null: it stands. */
interface Cursor {
  readonly atMin: number;
  readonly speed: number | null;
  readonly go: (atMin: number) => void;
  readonly play: (speed: number | null) => void;
}

/** The cursor of the day that is shown: one for all that is on its time axis. */
export const useCursor = create<Cursor>()((set) => ({
  atMin: 0,
  speed: null,
  go: (atMin) => set({ atMin }),
  play: (speed) => set({ speed }),
}));
