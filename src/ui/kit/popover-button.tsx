'use client';

import { lazyPopup } from '../loading/lazy-popup';
import type { PopoverProps } from './popover';

/** A button next to which something opens. */
export const PopoverButton = lazyPopup<PopoverProps>('dialog', () =>
  import('./popover').then(({ Popover }) => Popover),
);
