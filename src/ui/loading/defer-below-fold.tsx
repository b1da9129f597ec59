'use client';

import { startTransition, useEffect, useState, useSyncExternalStore } from 'react';

const never = () => () => undefined;

/**
 * What stands below the fold: on a screen that is gone to by a tap it is drawn a moment after what stands above, in
 * pieces that let a finger through. A page that the server drew has it at once, and so has a way to a place in it.
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
