'use client';

import { Popover as Radix } from 'radix-ui';
import type { OpenerProps } from '../loading/lazy-popup';

export interface PopoverProps extends OpenerProps {
  /** What it holds is called, where that is other than what its button says. */
  readonly about?: string;
  readonly align?: 'start' | 'center' | 'end';
  readonly contentClassName: string;
  readonly children: React.ReactNode;
}

/** Something that opens next to its button; open as it is first drawn. */
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
