'use client';

import { startTransition, useEffect, useState, useSyncExternalStore } from 'react';

const never = () => () => undefined;

/**
 * A part below the fold: on a screen reached by a tap it renders shortly after the part above, in pieces that keep
 * input responsive. Server-rendered pages have it at once, and so do links to an anchor in it.
 */
export const DeferBelowFold = ({ children }: { children: React.ReactNode }) => {
  const isServers = useSyncExternalStore(
    never,
    () => window.location.hash !== '',
    () => true,
  );
  const [isDrawn, setDrawn] = useState(isServers);
  useEffect(() => {
    if (isDrawn) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setDrawn(true)), 0);
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [isDrawn]);
  return isDrawn ? children : null;
};
