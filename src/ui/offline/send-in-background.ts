import { retryDelayMs } from '@/core/sync/retry';
import { KEYS } from '../storage/keys';
import { restoreSafe } from '../storage/safe-storage';
import { keysWith } from '../storage/stored';
import { finishSignOut } from './clear-device';
import { deviceUser } from './device-user';

/** First attempt of a page, and interval for looking whether something waits, ms. */
const FIRST_MS = 1500;
const LOOK_MS = 30_000;

/** Whether the server was reached; the queue is loaded only when something waits. */
const sendNow = async (): Promise<boolean> => {
  await finishSignOut();
  await restoreSafe();
  const who = deviceUser();
  const waits = [...keysWith(KEYS.requests), ...keysWith(KEYS.requestList)];
  if (!who || waits.length === 0) return true;
  const [{ sendQueued }, { waitsHere }] = await Promise.all([import('./queued-requests'), import('./waiting')]);
  return sendQueued(who.personId, (about) => waitsHere(about, who.personId));
};

/** Sends queued requests of any page as soon as there is a connection. Returns how to stop. */
export const sendInBackground = (): (() => void) => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let lostInARow = 0;
  let isOver = false;
  const go = async () => {
    clearTimeout(timer);
    const isReached = await sendNow().catch(() => false);
    lostInARow = isReached ? 0 : lostInARow + 1;
    if (!isOver) timer = setTimeout(go, isReached ? LOOK_MS : retryDelayMs(lostInARow, Math.random()));
  };
  const atOnce = () => void go();
  timer = setTimeout(go, FIRST_MS);
  window.addEventListener('online', atOnce);
  return () => {
    isOver = true;
    clearTimeout(timer);
    window.removeEventListener('online', atOnce);
  };
};
