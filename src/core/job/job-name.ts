import { cutText } from '../border/text';
import type { Facts } from './document';

/** A job's name, or else its customer. */
export const jobName = ({ site }: Pick<Facts, 'site'>): string => site.jobName || site.customer || 'Unnamed job';

/** The name of a copy of a job. */
export const copyName = (facts: Pick<Facts, 'site'>): string => `${cutText(jobName(facts), 110)} (copy)`;
