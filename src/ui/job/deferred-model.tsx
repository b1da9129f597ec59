'use client';

import { createContext, use, useDeferredValue } from 'react';
import type { Moment } from '@/core/control/moment';
import { type JobModel, jobModel } from '@/core/model/job-model';
import { useJob } from './provider';

const MomentContext = createContext<Moment | null>(null);
const ModelContext = createContext<JobModel | null>(null);

const inside = <T,>(value: T | null): T => {
  if (value === null) throw new Error('A part of a job page is outside its job.');
  return value;
};

/**
 * Lets what a page calculates follow what is typed and dragged: that is painted first, at once and alone, and a later
 * move drops what is half drawn.
 */
export const DeferredModel = ({ children }: { children: React.ReactNode }) => {
  const facts = useDeferredValue(useJob((job) => job.facts));
  const moment = useDeferredValue(useJob((job) => job.moment));
  return (
    <ModelContext value={jobModel(facts, moment.scenario)}>
      <MomentContext value={moment}>{children}</MomentContext>
    </ModelContext>
  );
};

/** The moment for what a page calculates: it follows the needle, which reads the job’s own at once. */
export const useMoment = (): Moment => inside(use(MomentContext));

/** Everything calculated of the job as it is here, under what is being tried; shared by all parts of a page. */
export const useModel = (): JobModel => inside(use(ModelContext));
