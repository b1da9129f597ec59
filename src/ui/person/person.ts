'use client';

import { create } from 'zustand';
import { restoreSafe, saveSafe } from '../storage/safe-storage';

interface Who {
  readonly author: string;
  readonly instrument: string;
}

interface Person extends Who {
  readonly set: (change: Partial<Who>) => void;
}

const KEY = 'gate-cross:person';

/** Storage format of devices: data written before this version is still read. */
interface Kept {
  readonly state: Who;
  readonly version: 0;
}

/** Who is working on this device, and the instrument. Stored on the device. */
export const usePerson = create<Person>()((set, get) => ({
  author: '',
  instrument: '',
  set: (change) => {
    set(change);
    const { author, instrument } = get();
    try {
      saveSafe(KEY, JSON.stringify({ state: { author, instrument }, version: 0 } satisfies Kept));
    } catch {
      // A device without room asks again after a reload.
    }
  },
}));

const takeKept = () => {
  try {
    const { author, instrument } = (JSON.parse(localStorage.getItem(KEY) ?? '') as Kept).state;
    usePerson.setState({ author: String(author ?? ''), instrument: String(instrument ?? '') });
  } catch {
    // Nothing was kept, or nothing that can be read.
  }
};

/** Restores who worked here last, and again if the browser lost it. */
export const restorePerson = (): void => {
  takeKept();
  void restoreSafe().then(takeKept);
};
