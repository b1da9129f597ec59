import { wordsOfCode } from '../card/card';
import { entryKey } from '../profiles/profile';
import { entryAt, type Face, shownCode } from './face';

/** The entry that a controller shows, as it is there. */
export interface ShownEntry {
  readonly key: string;
  readonly code: string;
  readonly label: string;
  readonly value: string;
  /** What the value means; empty where it says that itself. */
  readonly words: string;
  /** Turned and not saved, saved and not in force, or in force. */
  readonly standing: 'turned' | 'saved' | 'in-force';
}

/** What a controller shows; null: no entry. */
export const shownEntry = (face: Face): ShownEntry | null => {
  const entry = entryAt(face);
  if (!face.isIn || !entry) return null;
  const key = entryKey(entry.scope, entry.code);
  const value = shownCode(face, key);
  const words = wordsOfCode(entry, value);
  return {
    key,
    code: entry.code,
    label: entry.label,
    value,
    words: words === value ? '' : words,
    standing: face.turned.has(key) ? 'turned' : face.inForce.get(key) === value ? 'in-force' : 'saved',
  };
};
