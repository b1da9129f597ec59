'use client';

import { type ComponentType, useEffect, useRef } from 'react';

/** Attribute of a part until it is hydrated: it is visible but not interactive. */
const WAKING = { 'data-waking': '' } as const;

/** Removes the mark from the page once everything that comes with it is hydrated. */
export const usePageHydrates = (): void => useEffect(() => document.documentElement.removeAttribute('data-waking'), []);

/** A part that hydrates later than the page around it: it has the mark until then. */
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
