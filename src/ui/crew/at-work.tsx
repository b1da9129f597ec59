'use client';

import { createContext, use } from 'react';
import type { AtWork } from '@/core/access/at-work';
import { type Action, may } from '@/core/access/may';

const AtWorkContext = createContext<AtWork>({ personId: '', me: '', role: 'reader', names: [], instruments: [] });

export const AtWorkProvider = ({ crew, children }: { crew: AtWork; children: React.ReactNode }) => (
  <AtWorkContext value={crew}>{children}</AtWorkContext>
);

/** Who is at work. */
export const useAtWork = (): AtWork => use(AtWorkContext);

/** Whether who is signed in may do something here. The server holds to it; this only keeps a screen from asking. */
export const useMay = (action: Action): boolean => may(useAtWork(), action);
