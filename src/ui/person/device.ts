import { v4 as uuid } from 'uuid';
import type { Origin } from '@/core/job/in-time';
import { saveSafe } from '../storage/safe-storage';

const DEVICE = 'gate-cross:device';
const COUNT = 'gate-cross:entries';

const deviceId = (): string => {
  const known = localStorage.getItem(DEVICE);
  if (known) return known;
  const made = uuid();
  saveSafe(DEVICE, made);
  return made;
};

/**
 * This device and its next sequence number: entries here keep their order, whatever the clock does. Null on a device
 * without storage.
 */
export const nextOrigin = (): Origin | null => {
  try {
    const sequence = (Number(localStorage.getItem(COUNT)) || 0) + 1;
    saveSafe(COUNT, String(sequence));
    return { device: deviceId(), sequence, clockOffsetMs: null };
  } catch {
    return null;
  }
};
