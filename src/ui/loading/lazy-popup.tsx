'use client';

import { type ComponentType, useState } from 'react';
import { toast } from '../kit/toast';
import { whenIdle } from './idle';

/** Said where a part of a page cannot be got. */
export const NOT_LOADED = 'This part did not load: the server cannot be reached. Tap again when you are online.';

/** The button that opens something: how it looks, and what it is called where its face does not say. */
export interface OpenerProps {
  readonly className: string;
  readonly label?: string;
  readonly face: React.ReactNode;
}

/**
 * A button whose inside (a menu, a popover) is got with its first tap, or once the page is at rest; until then it is a
 * plain button that looks the same.
 * @param get the whole of it, which opens as it is first drawn
 * @param kind what it opens, for those who do not see it
 */
export const lazyPopup = <P extends OpenerProps>(
  kind: 'menu' | 'dialog',
  get: () => Promise<ComponentType<P>>,
): ComponentType<P> => {
  const whole = whenIdle(get);
  const Opener = (props: P) => {
    const [Whole, setWhole] = useState<ComponentType<P> | null>(null);
    const open = () =>
      void whole().then(
        (part) => setWhole(() => part),
        () => toast.error(NOT_LOADED),
      );
    if (Whole) return <Whole {...props} />;
    return (
      <button
        type="button"
        className={props.className}
        aria-label={props.label}
        aria-haspopup={kind}
        aria-expanded={false}
        onClick={open}
        onKeyDown={(event) => {
          if (kind !== 'menu' || event.key !== 'ArrowDown') return;
          event.preventDefault();
          open();
        }}
      >
        {props.face}
      </button>
    );
  };
  return Opener;
};
