'use client';

import { create } from 'zustand';

/** Position of the tour; null: not running. A reload ends it. */
export const useTour = create<{ stop: number | null; go: (stop: number | null) => void }>()((set) => ({
  stop: null,
  go: (stop) => set({ stop }),
}));
