'use client';

import { type ComponentType, lazy, memo, Suspense, useEffect, useRef } from 'react';
import { IDLE_TIMEOUT, isIdle } from './idle';

/**
 * A part of a page below the fold: the server renders it, and its code loads when the page is interactive and idle, or
 * when someone reaches for it. Earlier input is queued, as on the whole page. It takes no props, because a rerender
 * before hydration would remove it.
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
