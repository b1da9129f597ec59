import { momentToQuery } from '@/core/control/moment';
import { lastVisit } from '@/core/job/visits';
import type { JobState } from './state';

/** Page parameters in the address: step of Startup and reading; day of Simulate, number of days, plans, minute. */
export const PLACE_PARAMETERS = ['items', 'step', 'at', 'on', 'days', 'ways', 'min'] as const;

/** Parameters of a job's page: the moment, and the visit if it is not the last. */
export const jobQuery = ({ moment, visit, visits }: Pick<JobState, 'moment' | 'visit' | 'visits'>): string =>
  `${momentToQuery(moment)}${visit === null || visit === lastVisit(visits)?.id ? '' : `&visit=${visit}`}`;
