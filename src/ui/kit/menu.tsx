'use client';

import type { LucideIcon } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { OpenerProps } from './lazy-popup';

/** One action. */
export interface MenuChoice {
  readonly id: string;
  readonly icon?: LucideIcon;
  readonly label: string;
  readonly onSelect: () => void;
  readonly isDisabled?: boolean;
}

export interface MenuProps extends OpenerProps {
  readonly choices: readonly MenuChoice[];
}

/** A menu with its button; open when first rendered. */
export const Menu = ({ className, label, face, choices }: MenuProps) => (
  <DropdownMenu.Root modal={false} defaultOpen>
    <DropdownMenu.Trigger className={className} aria-label={label}>
      {face}
    </DropdownMenu.Trigger>
    <DropdownMenu.Content
      align="end"
      sideOffset={2}
      collisionPadding={8}
      className="z-40 min-w-48 rounded border border-line-strong bg-sheet p-1 shadow-md"
    >
      {choices.map(({ id, icon: Icon, label: words, onSelect, isDisabled }) => (
        <DropdownMenu.Item
          key={id}
          disabled={isDisabled ?? false}
          onSelect={onSelect}
          className="flex min-h-11 items-center gap-3 rounded px-3 outline-none data-[disabled]:opacity-50 data-[highlighted]:bg-ink data-[highlighted]:text-paper"
        >
          {Icon && <Icon size={18} aria-hidden />}
          {words}
        </DropdownMenu.Item>
      ))}
    </DropdownMenu.Content>
  </DropdownMenu.Root>
);
