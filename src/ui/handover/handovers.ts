import { createContext, use } from 'react';
import type { KeptHandover } from '@/core/handover/record-schema';

const HandoversContext = createContext<readonly KeptHandover[]>([]);

export const HandoversProvider = HandoversContext;

/** The job's handover records, newest first. */
export const useHandovers = (): readonly KeptHandover[] => use(HandoversContext);
