'use client';

import { useCallback, useSyncExternalStore } from 'react';

/** A phone in landscape: wide and very low. */
export const SHORT_SCREEN = '(orientation: landscape) and (max-height: 500px)';
/** A phone in portrait. */
export const NARROW_SCREEN = '(max-width: 39.99rem)';

/**
 * Whether a media query matches.
 * @param onServer value before the screen is known
 */
export const useMedia = (query: string, onServer = false): boolean => {
  const subscribe = useCallback(
    (onChange: () => void) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', onChange);
      return () => list.removeEventListener('change', onChange);
    },
    [query],
  );
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(query).matches,
    () => onServer,
  );
};
