'use client';

import { createContext, use } from 'react';

/** Who is signed in, and everybody of the crew who reads. */
export interface AtWork {
  readonly me: string;
  readonly names: readonly string[];
}

const AtWorkContext = createContext<AtWork>({ me: '', names: [] });

export const AtWorkProvider = ({ crew, children }: { crew: AtWork; children: React.ReactNode }) => (
  <AtWorkContext value={crew}>{children}</AtWorkContext>
);

/** Who is at work. */
export const useAtWork = (): AtWork => use(AtWorkContext);
