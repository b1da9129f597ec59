'use client';

import { type ComponentType, useState } from 'react';
import { whenIdle } from '../loading/idle';
import { toast } from './toast';

/** Message if a part of a page cannot be loaded. */
export const NOT_LOADED = 'This part did not load: the server cannot be reached. Tap again when you are online.';

/** The button of a popup: its look, and its name if its face has none. */
export interface OpenerProps {
  readonly className: string;
  readonly label?: string;
  readonly face: React.ReactNode;
}

/**
 * A button whose popup (a menu, a popover) loads on first tap or at idle; until then it is a plain button that looks
 * the same.
 * @param get the whole component, which opens when first rendered
 * @param kind what it opens, for screen readers
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
