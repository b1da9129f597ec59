import { momentToQuery } from '@/core/control/moment';
import { lastVisit } from '@/core/job/visits';
import type { JobState } from './state';

/**
 * What a page says in the address of where it is in its own work: the step of Startup and the reading in it; the
 * day of Simulate, how many of them, the ways of living it, and the minute.
 */
export const PLACE_PARAMETERS = ['items', 'step', 'at', 'on', 'days', 'ways', 'min'] as const;

/** What the address of a job's page says: the moment, and the visit where it is not the last. */
export const jobQuery = ({ moment, visit, visits }: Pick<JobState, 'moment' | 'visit' | 'visits'>): string =>
  `${momentToQuery(moment)}${visit === null || visit === lastVisit(visits)?.id ? '' : `&visit=${visit}`}`;
