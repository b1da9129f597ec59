'use client';

import { type ComponentType, useEffect, useState } from 'react';
import { scheduleIdle } from '../loading/idle';
import { mountToaster, toastsAreShown } from './toast';

/** Where short messages with Undo appear; loaded with the first one. */
export const Toasts = () => {
  const [Place, setPlace] = useState<ComponentType<{ onShown: () => void }> | null>(null);
  useEffect(() => {
    mountToaster((place) => setPlace(() => place));
    return scheduleIdle();
  }, []);
  return Place && <Place onShown={toastsAreShown} />;
};
