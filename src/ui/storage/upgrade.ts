import { KEYS, STORAGE_VERSION } from './keys';
import { dropSafe, saveSafe } from './safe-storage';

/** A step from one version of device storage to the next. Doing it twice does no harm. */
interface Upgrade {
  readonly to: number;
  readonly name: string;
  readonly apply: () => void;
}

const UPGRADES: readonly Upgrade[] = [
  {
    to: 2,
    name: 'a key for each queued request',
    apply: () => {
      const list = JSON.parse(localStorage.getItem(KEYS.requestList) ?? '[]') as unknown;
      if (!Array.isArray(list)) return;
      for (const request of list as { readonly id?: unknown }[])
        if (typeof request?.id === 'string') saveSafe(KEYS.requests + request.id, JSON.stringify(request));
      dropSafe(KEYS.requestList);
    },
  },
];

/**
 * Brings what an older version stored here to the present version. What cannot be read stays as it is.
 * @see KEYS
 */
export const upgradeStorage = (): void => {
  try {
    const isBehind = Number(localStorage.getItem(KEYS.version) ?? 1) < STORAGE_VERSION;
    // A killed browser can bring back what an older version stored.
    if (!isBehind && localStorage.getItem(KEYS.requestList) === null) return;
    for (const { apply } of UPGRADES) apply();
    saveSafe(KEYS.version, String(STORAGE_VERSION));
  } catch {
    // A device without space upgrades once it has some.
  }
};
