'use client';

import { jobName } from '@/core/job/job-name';
import { useJob } from './provider';

/** A text as CSS takes it: every sign that is no plain letter or digit by its number. */
const cssText = (text: string): string =>
  `'${[...text].map((sign) => (/[A-Za-z0-9]/.test(sign) ? sign : `\\${sign.codePointAt(0)!.toString(16)} `)).join('')}'`;

/** The job's name at the foot of each page that is printed, next to the page's number. */
export const PrintName = () => {
  const name = useJob((job) => jobName(job.facts));
  return <style>{`@page { @bottom-left { content: ${cssText(name)}; font: 7pt 'Barlow', sans-serif; } }`}</style>;
};
