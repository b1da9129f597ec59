'use client';

import { type ComponentType, lazy, memo, Suspense, useEffect, useRef } from 'react';
import { IDLE_TIMEOUT, isIdle } from './idle';

/**
 * A part of a page that stands below the fold: the server draws it with the rest, and its code comes once the page is
 * alive and at rest, or someone reaches for it. What is done to it before is held, as on a whole page.
 * It takes no props: a part drawn anew before it is alive would be taken down.
 */
export const lazyBelowFold = (get: () => Promise<ComponentType>): ComponentType => {
  const isServers = typeof window === 'undefined';
  const Part = lazy(async () => {
    const Got = await (isServers ? get() : isIdle(get));
    const Alive = () => {
      const inside = useRef<HTMLDivElement>(null);
      useEffect(() => inside.current!.parentElement!.removeAttribute('data-waking'), []);
      return (
        <div ref={inside} className="contents">
          <Got />
        </div>
      );
    };
    return { default: Alive };
  });
  return memo(function ComesLater() {
    return (
      <div className="contents" {...IDLE_TIMEOUT}>
        <Suspense fallback={null}>
          <Part />
        </Suspense>
      </div>
    );
  });
};
