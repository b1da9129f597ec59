import type { AtWork } from '@/core/access/at-work';
import { dropSafe, keepSafe } from '../safe-storage';

const KEY = 'gate-cross:who';

/** Keeps who works on this device, so that his jobs open without signal. */
export const keepWho = (crew: AtWork): void => {
  try {
    keepSafe(KEY, JSON.stringify(crew));
  } catch {
    // A device that keeps nothing knows nobody.
  }
};

/** Who worked here last; null where nobody did, or signed out. */
export const keptWho = (): AtWork | null => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? 'null') as AtWork | null;
  } catch {
    return null;
  }
};

export const forgetWho = (): void => dropSafe(KEY);
