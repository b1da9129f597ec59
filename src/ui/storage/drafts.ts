import type { Parsed } from '@/core/border/parse';
import { KEYS, TAB_KEYS } from './keys';
import { dropSafe, saveSafe } from './safe-storage';
import { keysWith } from './stored';

/** A draft untouched for this long belongs to a tab that is gone, ms. */
export const ORPHAN_AFTER_MS = 10_000;

/** Separates a person from the rest of a key; drafts without a person are of an older version, and anyone's. */
const MARK = '~';
/** Tab name of what could not be read. */
const UNREAD = '-unread';

const prefix = (of: string) => `${KEYS.drafts}${of}:`;
const suffix = (by: string) => (by ? MARK + by : '');

/** A draft on this device. */
export interface DraftHere {
  readonly key: string;
  /** Its subject. */
  readonly of: string;
  readonly tab: string;
  /** Who entered it; null: anyone. */
  readonly by: string | null;
  /** As stored, unread; null where it is not JSON. */
  readonly value: unknown;
  /** When it was last stored, ms. */
  readonly touchedAt: number;
}

/** A draft read; the part that this version cannot read stays stored. */
export interface TakenDraft<T> {
  readonly draft: T;
  readonly unread: object | null;
}

const valueAt = (key: string): unknown => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as unknown;
  } catch {
    return null;
  }
};

/** Drafts on this device, of one subject or of all. */
export const draftsHere = (of?: string): DraftHere[] =>
  keysWith(of === undefined ? KEYS.drafts : prefix(of)).map((key) => {
    const [rest, by = null] = key.slice(KEYS.drafts.length).split(MARK) as [string, string?];
    const at = rest.lastIndexOf(':');
    const value = valueAt(key);
    const touched = (value as { touchedAt?: unknown } | null)?.touchedAt;
    const touchedAt = typeof touched === 'number' ? touched : 0;
    return { key, of: rest.slice(0, at), tab: rest.slice(at + 1), by, value, touchedAt };
  });

/** Whether a draft is a person's, or anyone's. */
export const isDraftOf = ({ by }: DraftHere, personId: string): boolean => by === null || by === personId;

const tabId = (): string => {
  const known = sessionStorage.getItem(TAB_KEYS.tab);
  if (known) return known;
  const made = Math.random().toString(36).slice(2);
  sessionStorage.setItem(TAB_KEYS.tab, made);
  return made;
};

const lockOf = (tab: string) => `${TAB_KEYS.tab}:${tab}`;

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
 * Takes over drafts of this tab and of tabs that are gone, oldest first, each once. Skips unreadable ones, which stay,
 * and other people's.
 * @param isGone whether a tab is known to be gone, however recently it wrote; if given, this tab keeps its own
 */
export const loadDrafts = <T extends object>(
  of: string,
  read: (value: unknown) => Parsed<TakenDraft<T>>,
  by = '',
  isGone?: (tab: string) => boolean,
): T[] => {
  try {
    const own = prefix(of) + tabId() + suffix(by);
    return draftsHere(of)
      .filter((each) => isDraftOf(each, by) && each.value !== null)
      .filter(({ key, tab, touchedAt }) =>
        key === own ? !isGone : Date.now() - touchedAt >= ORPHAN_AFTER_MS || (isGone?.(tab) ?? false),
      )
      .sort((a, b) => a.touchedAt - b.touchedAt)
      .flatMap(({ key, tab, value, touchedAt }) => {
        const { touchedAt: _, ...stored } = value as { touchedAt?: number };
        const parsed = read(stored);
        if (!parsed.ok) return [];
        const { draft, unread } = parsed.value;
        if (unread && tab.endsWith(UNREAD)) return [];
        if (unread) saveSafe(`${prefix(of)}${tab}${UNREAD}${suffix(by)}`, JSON.stringify({ ...unread, touchedAt }));
        dropSafe(key);
        return [draft];
      });
  } catch {
    // A device that keeps nothing has no drafts.
    return [];
  }
};

/** Assigns unnamed drafts of an older version to their person: no one else sends them. */
export const claimDrafts = (by: string): void => {
  try {
    for (const { key, by: owner } of draftsHere())
      if (owner === null) {
        saveSafe(key + MARK + by, localStorage.getItem(key)!);
        dropSafe(key);
      }
  } catch {
    // A device that keeps nothing has no drafts.
  }
};

/** Gives a draft to a person, under a tab name of its own, so that no one still working on it is disturbed. */
export const giveDraft = ({ key, of, tab, value }: DraftHere, personId: string): void => {
  saveSafe(`${prefix(of)}${tab}-taken${suffix(personId)}`, JSON.stringify(value));
  dropSafe(key);
};

/** Stores a draft from another device for a person. */
export const addDraft = (of: string, name: string, draft: object, personId: string): void =>
  saveSafe(`${prefix(of)}${name}${suffix(personId)}`, JSON.stringify({ ...draft, touchedAt: 0 }));
