'use client';

import { createContext, use, useEffect } from 'react';
import { NARROW_COOKIE } from '../storage/screen-cookie';
import { NARROW_SCREEN, useMedia } from './use-media';

const WasNarrow = createContext(false);

/** Wraps the whole application, and remembers this device's screen for the server. */
export const ScreenProvider = ({ wasNarrow, children }: { wasNarrow: boolean; children: React.ReactNode }) => {
  const isNarrow = useMedia(NARROW_SCREEN, wasNarrow);
  useEffect(() => {
    document.cookie = `${NARROW_COOKIE}=${isNarrow ? 'yes' : 'no'}; path=/; max-age=31536000; samesite=lax`;
  }, [isNarrow]);
  return <WasNarrow value={wasNarrow}>{children}</WasNarrow>;
};

/** Whether this is a phone in portrait; on the server and until hydration, as it was last time. */
export const useNarrow = (): boolean => useMedia(NARROW_SCREEN, use(WasNarrow));
