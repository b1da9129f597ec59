'use client';

import { useSyncExternalStore } from 'react';

/** A phone held sideways: wide, and too short for what stands upright. */
const QUERY = '(orientation: landscape) and (max-height: 500px)';

const subscribe = (onChange: () => void) => {
  const list = window.matchMedia(QUERY);
  list.addEventListener('change', onChange);
  return () => list.removeEventListener('change', onChange);
};

/** Whether the screen is wide and short. */
export const useShortScreen = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => window.matchMedia(QUERY).matches,
    () => false,
  );
