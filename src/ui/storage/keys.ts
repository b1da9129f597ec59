/**
 * Every key under which this application stores something on a device. What an older version stored is still read: see
 * {@link upgradeStorage}.
 */
export const KEYS = {
  /** Version of what is stored; missing: 1. */
  version: 'gate-cross:storage',
  /** Number of writes, to detect writes that the browser lost. */
  writes: 'gate-cross:writes',
  /** This device, and the number of entries made on it. */
  device: 'gate-cross:device',
  entries: 'gate-cross:entries',
  /** Who works here, and whose name and instrument readings get. */
  who: 'gate-cross:who',
  person: 'gate-cross:person',
  pin: (personId: string) => `gate-cross:pin:${personId}`,
  /** A person's practice rounds. */
  practice: (personId: string) => `gate-cross:practice:${personId}`,
  /** A countdown that continues through a reload. */
  countdown: (name: string) => `gate-cross:wait:${name}`,
  /** Unacknowledged entries: followed by their subject, tab and person. */
  drafts: 'gate-cross:draft:',
  /** A request that waits for the server, under its id. */
  requests: 'gate-cross:request:',
  /** All waiting requests in one list, up to version 1. */
  requestList: 'gate-cross:errands',
} as const;

/** Keys of one tab, in the storage that ends with it. */
export const TAB_KEYS = {
  tab: 'gate-cross:tab',
  /** Whose PIN was given in this tab. */
  opened: 'gate-cross:opened',
  /** The instrument source that this tab listens to. */
  source: 'gate-cross:listens-to',
  /** A practice round in progress. */
  round: (of: string, seed: number, isEndless: boolean) =>
    `gate-cross:round:${of}:${seed}${isEndless ? ':endless' : ''}`,
} as const;

/** Version of what this application stores on a device. */
export const STORAGE_VERSION = 2;
