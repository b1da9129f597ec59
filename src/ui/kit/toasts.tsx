'use client';

import { type ComponentType, useEffect, useState } from 'react';
import { restSoon } from '../loading/idle';
import { drawsToasts, toastsAreShown } from './toast';

/** Where short messages with their Undo appear; it comes with the first of them. */
export const Toasts = () => {
  const [Place, setPlace] = useState<ComponentType<{ onShown: () => void }> | null>(null);
  useEffect(() => {
    drawsToasts((place) => setPlace(() => place));
    return restSoon();
  }, []);
  return Place && <Place onShown={toastsAreShown} />;
};
