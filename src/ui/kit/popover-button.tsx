'use client';

import { opensLater } from '../loading/lazy-popup';
import type { PopoverProps } from './popover';

/** A button beside which something opens. */
export const PopoverButton = opensLater<PopoverProps>('dialog', () =>
  import('./popover').then(({ Popover }) => Popover),
);
