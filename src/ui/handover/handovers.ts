import { createContext, use } from 'react';
import type { KeptHandover } from '@/core/handover/record-schema';

const HandoversContext = createContext<readonly KeptHandover[]>([]);

export const HandoversProvider = HandoversContext;

/** The job's records as they were handed over, newest first. */
export const useHandovers = (): readonly KeptHandover[] => use(HandoversContext);
