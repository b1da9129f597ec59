'use client';

import { createContext, use } from 'react';
import { type Action, may } from '@/core/access/may';
import type { AtWork } from '@/core/instrument/at-work';

const AtWorkContext = createContext<AtWork>({ personId: '', me: '', role: 'reader', names: [], instruments: [] });

export const AtWorkProvider = ({ crew, children }: { crew: AtWork; children: React.ReactNode }) => (
  <AtWorkContext value={crew}>{children}</AtWorkContext>
);

/** The signed-in person and crew. */
export const useAtWork = (): AtWork => use(AtWorkContext);

/** Whether the signed-in person may do something. The server enforces it; this only hides controls. */
export const useMay = (action: Action): boolean => may(useAtWork(), action);
