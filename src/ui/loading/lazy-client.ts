'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { whenIdle } from './idle';

/**
 * A part that is drawn with its first use alone, such as a dialog: the server never draws it, and its code comes with
 * that use, or once the page is at rest.
 */
export const lazyClient = <P>(get: () => Promise<ComponentType<P>>): ComponentType<P> =>
  dynamic(whenIdle(get), { ssr: false });
