import { useDeferredValue } from 'react';
import type { Moment } from '@/core/control/moment';
import { useJob } from './provider';

/**
 * The moment for what a page works out: it follows the needle after the needle itself is painted, and a later move
 * drops what is half drawn. The ruler reads the moment at once.
 */
export const useMoment = (): Moment => useDeferredValue(useJob((job) => job.moment));
