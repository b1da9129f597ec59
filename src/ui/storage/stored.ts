import type { Parsed } from '@/core/border/parse';
import { saveSafe } from './safe-storage';

/** Reads unknown data: a schema, or a check. */
export type Read<T> = (value: unknown) => Parsed<T>;

/** Keys in this browser that start with a prefix; none on a device without storage. */
export const keysWith = (prefix: string): string[] => {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
  } catch {
    return [];
  }
};

/**
 * Reads JSON from a browser storage through a schema.
 * @returns null where nothing is stored, or nothing that this version can read; it stays stored
 */
export const readStored = <T>(key: string, read: Read<T>, storage: () => Storage = () => localStorage): T | null => {
  try {
    const text = storage().getItem(key);
    if (text === null) return null;
    const parsed = read(JSON.parse(text));
    return parsed.ok ? parsed.value : null;
  } catch {
    return null;
  }
};

/** Stores JSON so that it survives a power loss; false if there is no space. */
export const saveStored = (key: string, value: unknown): boolean => {
  try {
    saveSafe(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
};
