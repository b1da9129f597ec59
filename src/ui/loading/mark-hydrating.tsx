'use client';

import { type ComponentType, useEffect, useRef } from 'react';

/** What a part of a page bears until it is alive: it is shown, and no one listens to it yet. */
const WAKING = { 'data-waking': '' } as const;

/** Takes the mark off the page itself, once all of it that comes with it is alive. */
export const usePageHydrates = (): void => useEffect(() => document.documentElement.removeAttribute('data-waking'), []);

/** A part that comes to life by itself, later than the page around it: it bears the mark until then. */
export const markHydrating = <P extends object>(Part: ComponentType<P>): ComponentType<P> => {
  const Waking = (props: P) => {
    const around = useRef<HTMLDivElement>(null);
    useEffect(() => around.current!.removeAttribute('data-waking'), []);
    return (
      <div ref={around} {...WAKING}>
        <Part {...props} />
      </div>
    );
  };
  return Waking;
};
