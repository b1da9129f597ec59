import { dropSafe, saveSafe } from './safe-storage';

/** A draft that its tab has not touched for this long belongs to a tab that is gone, ms. */
export const ORPHAN_AFTER_MS = 10_000;

const TAB = 'gate-cross:tab';
const prefix = (of: string) => `gate-cross:draft:${of}:`;
/** What a draft of someone's ends with; one that ends with nothing is whoever's comes next. */
const MARK = '~';
const suffix = (by: string) => (by ? MARK + by : '');

/** A draft as the device keeps it. */
type Kept<T> = T & { readonly touchedAt: number };

const tabId = (): string => {
  const known = sessionStorage.getItem(TAB);
  if (known) return known;
  const made = Math.random().toString(36).slice(2);
  sessionStorage.setItem(TAB, made);
  return made;
};

const lockOf = (tab: string) => `gate-cross:tab:${tab}`;

/** The browser's locks: a tab that lives holds one of its own. Without TLS there are none, and only age tells. */
const locks = (): LockManager | undefined => globalThis.navigator?.locks;

/** Says for as long as this tab lives that it does. */
export const holdTab = (): void => {
  // Never let go but by the browser, when the tab is gone.
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
 * Keeps this tab's draft of something on the device, or clears it once everything is acknowledged (null).
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
 * Takes over the drafts of this tab and of tabs that are gone, oldest first; each is handed out once. One that cannot
 * be read is passed over, and so is what someone else entered.
 * @param isGone whether a tab is known to be gone, however lately it wrote; where it is given, this tab keeps its own
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

/** Says whose drafts are that an older version kept without a name: no one else is to send them. */
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
