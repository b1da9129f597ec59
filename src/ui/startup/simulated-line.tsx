'use client';

import { hasNoFaults } from '@/core/control/scenario';
import { useModel } from '../job/deferred-model';
import { lazyClient } from '../loading/lazy-client';

const TriedWords = lazyClient(() => import('./simulated-words').then((module) => module.SimulatedWords));

/** The wiring simulation in effect, and how to end it. */
export const SimulatedLine = () => (hasNoFaults(useModel().scenario) ? null : <TriedWords />);
