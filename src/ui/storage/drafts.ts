import { dropSafe, saveSafe } from './safe-storage';

/** A draft untouched for this long belongs to a tab that is gone, ms. */
export const ORPHAN_AFTER_MS = 10_000;

const TAB = 'gate-cross:tab';
const prefix = (of: string) => `gate-cross:draft:${of}:`;
/** Suffix of a person's draft; without one it belongs to anyone. */
const MARK = '~';
const suffix = (by: string) => (by ? MARK + by : '');

/** A draft as stored on the device. */
type Kept<T> = T & { readonly touchedAt: number };

const tabId = (): string => {
  const known = sessionStorage.getItem(TAB);
  if (known) return known;
  const made = Math.random().toString(36).slice(2);
  sessionStorage.setItem(TAB, made);
  return made;
};

const lockOf = (tab: string) => `gate-cross:tab:${tab}`;

/** The browser's locks: each live tab holds one. Without TLS there are none, and only age tells. */
const locks = (): LockManager | undefined => globalThis.navigator?.locks;

/** Marks this tab as live while it lives. */
export const holdTab = (): void => {
  // Released only by the browser, when the tab is gone.
  void locks()
    ?.request(lockOf(tabId()), () => new Promise(() => undefined))
    .catch(() => undefined);
};

/** Which tabs are known to be gone. */
export const goneTabs = async (): Promise<(tab: string) => boolean> => {
  const held = (await locks()?.query())?.held;
  if (!held) return () => false;
  const alive = new Set(held.map(({ name }) => name));
  return (tab) => !alive.has(lockOf(tab));
};

/**
 * Stores this tab's draft on the device, or clears it once everything is acknowledged (null).
 * @param by who entered it: no one else takes it over on this device
 * @returns false where the device has no room for it
 */
export const saveDraft = <T extends object>(of: string, draft: T | null, by = ''): boolean => {
  try {
    const key = prefix(of) + tabId() + suffix(by);
    if (draft === null) dropSafe(key);
    else saveSafe(key, JSON.stringify({ ...draft, touchedAt: Date.now() }));
    return true;
  } catch {
    return false;
  }
};

/**
 * Takes over drafts of this tab and of tabs that are gone, oldest first, each once. Skips unreadable ones, and other
 * people's.
 * @param isGone whether a tab is known to be gone, however recently it wrote; if given, this tab keeps its own
 */
export const loadDrafts = <T extends object>(of: string, by = '', isGone?: (tab: string) => boolean): T[] => {
  const found: Kept<T>[] = [];
  try {
    const own = prefix(of) + tabId() + suffix(by);
    const isTheirs = (key: string) => key.includes(MARK) && !key.endsWith(MARK + by);
    for (const key of Object.keys(localStorage).filter((name) => name.startsWith(prefix(of)) && !isTheirs(name))) {
      const draft = read<T>(key);
      const tab = key.slice(prefix(of).length).split(MARK)[0]!;
      const isLate = draft !== null && Date.now() - draft.touchedAt < ORPHAN_AFTER_MS;
      if (draft === null || (key !== own && isLate && !isGone?.(tab)) || (key === own && isGone)) continue;
      dropSafe(key);
      found.push(draft);
    }
  } catch {
    // A device that keeps nothing has no drafts.
  }
  return found.sort((a, b) => a.touchedAt - b.touchedAt);
};

/** Assigns unnamed drafts of an older version to their person: no one else sends them. */
export const claimDrafts = (by: string): void => {
  try {
    for (const key of Object.keys(localStorage))
      if (key.startsWith('gate-cross:draft:') && !key.includes(MARK)) {
        saveSafe(key + MARK + by, localStorage.getItem(key)!);
        dropSafe(key);
      }
  } catch {
    // A device that keeps nothing has no drafts.
  }
};

const read = <T extends object>(key: string): Kept<T> | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Kept<T> | null;
  } catch {
    return null;
  }
};
