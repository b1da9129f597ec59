/** A draft that its tab has not touched for this long belongs to a tab that is gone, ms. */
const ORPHAN_AFTER_MS = 10_000;

const TAB = 'gate-cross:tab';
const prefix = (of: string) => `gate-cross:draft:${of}:`;

/** A draft as the device keeps it. */
type Kept<T> = T & { readonly touchedAt: number };

const tabId = (): string => {
  const known = sessionStorage.getItem(TAB);
  if (known) return known;
  const made = Math.random().toString(36).slice(2);
  sessionStorage.setItem(TAB, made);
  return made;
};

/**
 * Keeps this tab's draft of something on the device, or clears it once everything is acknowledged (null).
 * @returns false where the device has no room for it
 */
export const keepDraft = <T extends object>(of: string, draft: T | null): boolean => {
  try {
    const key = prefix(of) + tabId();
    if (draft === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify({ ...draft, touchedAt: Date.now() }));
    return true;
  } catch {
    return false;
  }
};

/**
 * Takes over the drafts of this tab and of tabs that are gone, oldest first; each is handed out once. One that cannot
 * be read is passed over.
 */
export const takeDrafts = <T extends object>(of: string): T[] => {
  const found: Kept<T>[] = [];
  try {
    const own = prefix(of) + tabId();
    for (const key of Object.keys(localStorage).filter((name) => name.startsWith(prefix(of)))) {
      const draft = read<T>(key);
      if (draft === null || (key !== own && Date.now() - draft.touchedAt < ORPHAN_AFTER_MS)) continue;
      localStorage.removeItem(key);
      found.push(draft);
    }
  } catch {
    // A device that keeps nothing has no drafts.
  }
  return found.sort((a, b) => a.touchedAt - b.touchedAt);
};

const read = <T extends object>(key: string): Kept<T> | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Kept<T> | null;
  } catch {
    return null;
  }
};
