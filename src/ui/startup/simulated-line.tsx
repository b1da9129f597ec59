'use client';

import { isSound } from '@/core/control/scenario';
import { useModel } from '../job/deferred-model';
import { drawnLater } from '../loading/lazy-client';

const TriedWords = drawnLater(() => import('./simulated-words').then((module) => module.TriedWords));

/** Where something is tried on the wiring: what, and the way back. */
export const TriedLine = () => (isSound(useModel().scenario) ? null : <TriedWords />);
