'use client';

import { Ellipsis } from 'lucide-react';
import { lazyPopup } from './lazy-popup';
import type { MenuChoice, MenuProps } from './menu';

export type { MenuChoice };

/** A button that opens a menu. */
export const MenuButton = lazyPopup<MenuProps>('menu', () => import('./menu').then(({ Menu }) => Menu));

/** Actions on a list line behind one button. */
export const MoreMenu = ({ of, choices }: { of: string; choices: readonly MenuChoice[] }) => (
  <MenuButton
    className="bare-button"
    label={`More for ${of}`}
    face={<Ellipsis size={20} aria-hidden />}
    choices={choices}
  />
);
