import { expose } from 'comlink';
import { parseProfileText } from '@/core/formats/profile-file';

const api = {
  /** A controller profile from an untrusted file. */
  read: (text: string) => parseProfileText(text),
};

/** API of the profile worker. */
export type ProfileWorker = typeof api;

expose(api);
