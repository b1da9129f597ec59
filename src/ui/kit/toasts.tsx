'use client';

import { type ComponentType, useEffect, useState } from 'react';
import { scheduleIdle } from '../loading/idle';
import { mountToaster, toastsAreShown } from './toast';

/** Where short messages with their Undo appear; it comes with the first of them. */
export const Toasts = () => {
  const [Place, setPlace] = useState<ComponentType<{ onShown: () => void }> | null>(null);
  useEffect(() => {
    mountToaster((place) => setPlace(() => place));
    return scheduleIdle();
  }, []);
  return Place && <Place onShown={toastsAreShown} />;
};
