import { cutText } from '../border/text';
import type { Facts } from './document';

/** What a job is called: its name, or else its customer. */
export const jobName = ({ site }: Pick<Facts, 'site'>): string => site.jobName || site.customer || 'Unnamed job';

/** What a copy of a job is called. */
export const copyName = (facts: Pick<Facts, 'site'>): string => `${cutText(jobName(facts), 110)} (copy)`;
