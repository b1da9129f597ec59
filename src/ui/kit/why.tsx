'use client';

import { PopoverButton } from './popover-button';

/** A small "why" that opens the reason. */
export const Why = ({ children, label = 'why' }: { children: React.ReactNode; label?: string }) => (
  <PopoverButton
    className="bare-button no-print -my-2 px-1 text-sm text-quiet underline decoration-dotted underline-offset-4"
    face={label}
    about={label}
    contentClassName="max-w-80 text-sm"
  >
    {children}
  </PopoverButton>
);
