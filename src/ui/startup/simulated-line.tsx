'use client';

import { hasNoFaults } from '@/core/control/scenario';
import { useModel } from '../job/deferred-model';
import { lazyClient } from '../loading/lazy-client';

const TriedWords = lazyClient(() => import('./simulated-words').then((module) => module.SimulatedWords));

/** Where something is tried on the wiring: what, and the way back. */
export const SimulatedLine = () => (hasNoFaults(useModel().scenario) ? null : <TriedWords />);
