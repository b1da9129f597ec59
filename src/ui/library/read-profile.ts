import { wrap } from 'comlink';
import type { Parsed } from '@/core/border/parse';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { ProfileWorker } from '@/workers/profile.worker';

/** Time limit for parsing a profile file, ms. */
const SLOWEST_MS = 10_000;
const LATE = { ok: false, path: '', error: 'It takes too long to read. Is it the right file?' } as const;

/** Parses a profile file in a worker: whatever it contains, the page keeps running. */
export const readProfile = async (text: string): Promise<Parsed<ControllerProfile>> => {
  const worker = new Worker(new URL('../../workers/profile.worker.ts', import.meta.url), { type: 'module' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<typeof LATE>((resolve) => {
    timer = setTimeout(() => resolve(LATE), SLOWEST_MS);
  });
  try {
    return await Promise.race([wrap<ProfileWorker>(worker).read(text), late]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
};
