'use client';

import { Popover } from 'radix-ui';

/** A small "why" that opens the reason. */
export const Why = ({ children, label = 'why' }: { children: React.ReactNode; label?: string }) => (
  <Popover.Root>
    <Popover.Trigger className="bare-button no-print -my-2 px-1 text-sm text-quiet underline decoration-dotted underline-offset-4">
      {label}
    </Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        aria-label={label}
        sideOffset={2}
        collisionPadding={12}
        className="z-30 max-w-80 rounded border border-line-strong bg-sheet p-3 text-sm shadow-md"
      >
        {children}
        <Popover.Arrow className="fill-[var(--line-strong)]" />
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
);
