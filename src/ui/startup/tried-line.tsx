'use client';

import { isSound } from '@/core/control/scenario';
import { drawnLater } from '../drawn-later';
import { useModel } from '../job/following';

const TriedWords = drawnLater(() => import('./tried-words').then((module) => module.TriedWords));

/** Where something is tried on the wiring: what, and the way back. */
export const TriedLine = () => (isSound(useModel().scenario) ? null : <TriedWords />);
