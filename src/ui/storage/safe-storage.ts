import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { KEYS } from './keys';

/**
 * `localStorage` that survives a power loss. It is written synchronously with each entry, but the browser flushes it
 * only much later: a killed browser or an empty battery loses it. So each value is also written to IndexedDB, whose
 * transactions are on the disk within milliseconds.
 */
interface Schema extends DBSchema {
  /** Values by key, and under {@link MARK} the number of writes. */
  copies: { key: string; value: string };
}

/**
 * Write counter. If the database's counter is ahead of localStorage's, the browser lost writes; if not, missing values
 * were removed.
 */
const MARK = KEYS.writes;

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const database = (): Promise<IDBPDatabase<Schema>> =>
  (opened ??= openDB<Schema>('gate-cross-safe', 1, {
    upgrade: (made) => {
      made.createObjectStore('copies');
    },
    blocking: (_current, _blocked, event) => {
      (event.target as IDBDatabase).close();
      opened = undefined;
    },
    terminated: () => {
      opened = undefined;
    },
  }));

const countOf = (text: string | null | undefined): number => Number(text ?? 0) || 0;

let waiting = new Map<string, string | null>();
let writing: Promise<void> | null = null;

/** Writes what waits, the newest of each key, until nothing does. */
const writeAll = async (): Promise<void> => {
  try {
    while (waiting.size > 0) {
      const now = waiting;
      waiting = new Map();
      const { store, done } = (await database()).transaction('copies', 'readwrite', { durability: 'strict' });
      for (const [key, text] of now) await (text === null ? store.delete(key) : store.put(text, key));
      // Another tab may have written more by now.
      await store.put(String(Math.max(countOf(await store.get(MARK)), countOf(localStorage.getItem(MARK)))), MARK);
      await done;
    }
  } catch {
    // Without a database there is localStorage alone, as it was.
  }
};

const write = (): void => {
  writing ??= writeAll().finally(() => {
    writing = null;
  });
};

/** Maximum wait for the disk, ms. */
const LONGEST_MS = 1000;

/** Waits until everything stored is on the disk. */
export const onDisk = (): Promise<void> =>
  writing === null ? Promise.resolve() : Promise.race([writing, new Promise<void>((go) => setTimeout(go, LONGEST_MS))]);

const copied = (key: string, text: string | null) => {
  localStorage.setItem(MARK, String(countOf(localStorage.getItem(MARK)) + 1));
  waiting.set(key, text);
  write();
};

/** Stores a value; throws if the device has no space, like localStorage. */
export const saveSafe = (key: string, text: string): void => {
  localStorage.setItem(key, text);
  copied(key, text);
};

export const dropSafe = (key: string): void => {
  localStorage.removeItem(key);
  copied(key, null);
};

const restore = async (): Promise<void> => {
  try {
    const { store } = (await database()).transaction('copies');
    const [keys, texts] = await Promise.all([store.getAllKeys(), store.getAll()]);
    const copies = new Map(keys.map((key, at) => [key, texts[at]!]));
    if (countOf(copies.get(MARK)) <= countOf(localStorage.getItem(MARK))) return;
    for (const [key, text] of copies) localStorage.setItem(key, text);
  } catch {
    // Nothing was copied, or there is no room: what localStorage has is what there is.
  }
};

let restored: Promise<void> | undefined;

/**
 * Restores into localStorage what the browser lost when killed; once per page. Entries that the server already has keep
 * their ids and are stored once.
 */
export const restoreSafe = (): Promise<void> => (restored ??= restore());
