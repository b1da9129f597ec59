'use client';

import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Person {
  readonly author: string;
  readonly instrument: string;
  readonly set: (change: { author?: string; instrument?: string }) => void;
}

/** Who is working on this device, and with which instrument. Kept on the device. */
export const usePerson = create<Person>()(
  persist((set) => ({ author: '', instrument: '', set: (change) => set(change) }), {
    name: 'gate-cross:person',
    skipHydration: true,
  }),
);
