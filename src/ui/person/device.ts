import { v4 as uuid } from 'uuid';
import type { Origin } from '@/core/job/in-time';
import { KEYS } from '../storage/keys';
import { saveSafe } from '../storage/safe-storage';

const deviceId = (): string => {
  const known = localStorage.getItem(KEYS.device);
  if (known) return known;
  const made = uuid();
  saveSafe(KEYS.device, made);
  return made;
};

/**
 * This device and its next sequence number: entries here keep their order, whatever the clock does. Null on a device
 * without storage.
 */
export const nextOrigin = (): Origin | null => {
  try {
    const sequence = (Number(localStorage.getItem(KEYS.entries)) || 0) + 1;
    saveSafe(KEYS.entries, String(sequence));
    return { device: deviceId(), sequence, clockOffsetMs: null };
  } catch {
    return null;
  }
};
