'use client';

import { opensLater } from './opens-later';
import type { PopoverProps } from './popover';

/** A button beside which something opens. */
export const PopoverButton = opensLater<PopoverProps>('dialog', () =>
  import('./popover').then(({ Popover }) => Popover),
);
