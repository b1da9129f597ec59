import { expose } from 'comlink';
import { parseProfileText } from '@/core/formats/profile-file';

const api = {
  /** A controller profile read from a file of anyone's making. */
  read: (text: string) => parseProfileText(text),
};

/** What the profile worker answers. */
export type ProfileWorker = typeof api;

expose(api);
