'use client';

import { useCallback, useSyncExternalStore } from 'react';

/** A phone held sideways: wide, and too short for what stands upright. */
export const SHORT_SCREEN = '(orientation: landscape) and (max-height: 500px)';
/** A phone held upright. */
export const NARROW_SCREEN = '(max-width: 39.99rem)';

/**
 * Whether a media query holds.
 * @param onServer what is drawn before the screen is known
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
