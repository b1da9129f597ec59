import { wordsOfCode } from '../card/card';
import { entryKey } from '../profiles/profile';
import { entryAt, type Face, shownCode } from './face';

/** The entry that a controller shows, as it is there. */
export interface ShownEntry {
  readonly key: string;
  readonly code: string;
  readonly label: string;
  readonly value: string;
  /** Meaning of the value; empty if the value is its own meaning. */
  readonly words: string;
  /** Changed and not saved, saved and not active, or active. */
  readonly standing: 'turned' | 'saved' | 'in-force';
}

/** The display of a controller; null: no entry. */
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
