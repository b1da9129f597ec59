'use client';

import { jobName } from '@/core/job/job-name';
import { useJob } from '../job/provider';

/** A CSS string: every character except ASCII letters and digits escaped. */
const cssText = (text: string): string =>
  `'${[...text].map((sign) => (/[A-Za-z0-9]/.test(sign) ? sign : `\\${sign.codePointAt(0)!.toString(16)} `)).join('')}'`;

/** Job name and page number at the foot of printed pages. */
export const PrintName = () => {
  const name = useJob((job) => jobName(job.facts));
  return <style>{`@page { @bottom-left { content: ${cssText(name)}; font: 7pt 'Barlow', sans-serif; } }`}</style>;
};
