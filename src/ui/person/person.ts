'use client';

import { create } from 'zustand';
import { KEYS } from '../storage/keys';
import { restoreSafe } from '../storage/safe-storage';
import { type Read, readStored, saveStored } from '../storage/stored';

interface Who {
  readonly author: string;
  readonly instrument: string;
}

interface Person extends Who {
  readonly set: (change: Partial<Who>) => void;
}

/** Reads {@link Who} in the storage format of devices: data written before this version is still read. */
const readWho: Read<Who> = (value) => {
  const { author, instrument } = (value as { state?: Partial<Who> } | null)?.state ?? {};
  return typeof author === 'string' && typeof instrument === 'string'
    ? { ok: true, value: { author, instrument } }
    : { ok: false, error: 'names no one', path: 'state' };
};

/** Who is working on this device, and the instrument. Stored on the device. */
export const usePerson = create<Person>()((set, get) => ({
  author: '',
  instrument: '',
  set: (change) => {
    set(change);
    const { author, instrument } = get();
    // A device without space asks again after a reload.
    saveStored(KEYS.person, { state: { author, instrument }, version: 0 });
  },
}));

const takeKept = () => {
  const who = readStored(KEYS.person, readWho);
  if (who) usePerson.setState(who);
};

/** Restores who worked here last, and again if the browser lost it. */
export const restorePerson = (): void => {
  takeKept();
  void restoreSafe().then(takeKept);
};
