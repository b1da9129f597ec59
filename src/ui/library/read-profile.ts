import { wrap } from 'comlink';
import type { Parsed } from '@/core/border/parse';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { ProfileWorker } from '@/workers/profile.worker';
import { startedWorker } from '../loading/worker-task';

/** Time limit for parsing a profile file, ms. */
const SLOWEST_MS = 10_000;

const failed = (error: string) => ({ ok: false, path: '', error }) as const;

/** Parses a profile file in a worker: whatever it contains, the page keeps running. */
export const readProfile = async (text: string): Promise<Parsed<ControllerProfile>> => {
  const worker = startedWorker<ProfileWorker>(
    new Worker(new URL('../../workers/profile.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<Parsed<ControllerProfile>>((resolve) => {
    timer = setTimeout(() => resolve(failed('It takes too long to read. Is it the right file?')), SLOWEST_MS);
  });
  try {
    return await Promise.race([
      worker.ask(async (remote): Promise<Parsed<ControllerProfile>> => remote.read(text)),
      late,
    ]);
  } catch {
    return failed('It could not be read on this device. Try again.');
  } finally {
    clearTimeout(timer);
    worker.end();
  }
};
