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
 * Defers what a page calculates behind typing and dragging: input is painted first, and a later move drops unfinished
 * rendering.
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

/** The moment for a page's calculations: it follows the needle, which reads the job’s own at once. */
export const useMoment = (): Moment => inside(use(MomentContext));

/** The job's model under the present simulation; shared by all parts of a page. */
export const useModel = (): JobModel => inside(use(ModelContext));
