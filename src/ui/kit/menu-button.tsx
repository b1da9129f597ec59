'use client';

import { Ellipsis } from 'lucide-react';
import { lazyPopup } from '../loading/lazy-popup';
import type { MenuChoice, MenuProps } from './menu';

export type { MenuChoice };

/** A button with a menu behind it. */
export const MenuButton = lazyPopup<MenuProps>('menu', () => import('./menu').then(({ Menu }) => Menu));

/** What can be done to one line of a list, behind one button. */
export const MoreMenu = ({ of, choices }: { of: string; choices: readonly MenuChoice[] }) => (
  <MenuButton
    className="bare-button"
    label={`More for ${of}`}
    face={<Ellipsis size={20} aria-hidden />}
    choices={choices}
  />
);
