'use client';

import { lazyPopup } from './lazy-popup';
import type { PopoverProps } from './popover';

/** A button that opens a popover. */
export const PopoverButton = lazyPopup<PopoverProps>('dialog', () =>
  import('./popover').then(({ Popover }) => Popover),
);
