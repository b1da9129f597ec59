'use client';

import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';

/** What can be done to a line of a list, behind one button. */
export const MoreMenu = ({ of, children }: { of: string; children: React.ReactNode }) => (
  <DropdownMenu.Root modal={false}>
    <DropdownMenu.Trigger className="bare-button" aria-label={`More for ${of}`}>
      <Ellipsis size={20} aria-hidden />
    </DropdownMenu.Trigger>
    <DropdownMenu.Content
      align="end"
      className="z-30 min-w-48 rounded border border-line-strong bg-sheet p-1 shadow-md"
    >
      {children}
    </DropdownMenu.Content>
  </DropdownMenu.Root>
);

/** One thing of it: a sign and words. */
export const MoreItem = ({ onSelect, children }: { onSelect: () => void; children: React.ReactNode }) => (
  <DropdownMenu.Item
    className="flex min-h-11 items-center gap-3 rounded px-3 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper"
    onSelect={onSelect}
  >
    {children}
  </DropdownMenu.Item>
);
