'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { whenIdle } from './idle';

/**
 * A part rendered only on first use, such as a dialog: never on the server, and its code loads with that use, or at
 * idle.
 */
export const lazyClient = <P>(get: () => Promise<ComponentType<P>>): ComponentType<P> =>
  dynamic(whenIdle(get), { ssr: false });
