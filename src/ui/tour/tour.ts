'use client';

import { create } from 'zustand';

/** Where the walk stands; null: no one is on it. A reload ends it. */
export const useTour = create<{ stop: number | null; go: (stop: number | null) => void }>()((set) => ({
  stop: null,
  go: (stop) => set({ stop }),
}));
