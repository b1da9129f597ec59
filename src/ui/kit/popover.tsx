'use client';

import { Popover as Radix } from 'radix-ui';
import type { OpenerProps } from './lazy-popup';

export interface PopoverProps extends OpenerProps {
  /** Name of its content, if different from the button's. */
  readonly about?: string;
  readonly align?: 'start' | 'center' | 'end';
  readonly contentClassName: string;
  readonly children: React.ReactNode;
}

/** A popover next to its button; open when first rendered. */
export const Popover = ({
  className,
  label,
  face,
  about,
  align = 'center',
  contentClassName,
  children,
}: PopoverProps) => (
  <Radix.Root defaultOpen>
    <Radix.Trigger className={className} aria-label={label}>
      {face}
    </Radix.Trigger>
    <Radix.Portal>
      <Radix.Content
        aria-label={about}
        align={align}
        sideOffset={3}
        collisionPadding={12}
        className={`z-50 rounded border border-line-strong bg-sheet p-3 shadow-md ${contentClassName}`}
      >
        {children}
      </Radix.Content>
    </Radix.Portal>
  </Radix.Root>
);
