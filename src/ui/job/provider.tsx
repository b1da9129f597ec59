'use client';

import { createContext, use, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { Moment } from '@/core/control/moment';
import type { StoredJob } from '@/core/job/stored-job';
import { usePerson } from '../person';
import { jobQuery } from './query';
import type { JobState } from './state';
import { createJobStore, type JobStore } from './store';

const JobContext = createContext<JobStore | null>(null);

const useJobStore = (): JobStore => {
  const store = use(JobContext);
  if (!store) throw new Error('A part of a job page stands outside its job.');
  return store;
};

/** Reads from the job's state; the part is drawn again only when what it reads changes. */
export const useJob = <T,>(select: (state: JobState) => T): T => useStore(useJobStore(), select);

/** The state as it is now, for handlers. */
export const useJobNow = (): (() => JobState) => useJobStore().getState;

/** How long the marker must rest before the address follows, ms: browsers refuse to write it sixty times a second. */
const ADDRESS_DELAY_MS = 150;

/** Gives the pages of a job their shared state, keeps it saved, and keeps the moment in the address bar. */
export const JobProvider = ({
  job,
  moment,
  visit,
  children,
}: {
  job: StoredJob;
  moment: Moment;
  visit: string | null;
  children: React.ReactNode;
}) => {
  const [store] = useState(() => createJobStore(job, moment, visit));
  useEffect(() => {
    void usePerson.persist.rehydrate();
    return store.getState().start();
  }, [store]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const unsubscribe = store.subscribe((state, before) => {
      if (state.moment === before.moment && state.visit === before.visit) return;
      clearTimeout(timer);
      timer = setTimeout(
        () => window.history.replaceState(null, '', `${window.location.pathname}?${jobQuery(store.getState())}`),
        ADDRESS_DELAY_MS,
      );
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [store]);
  return <JobContext value={store}>{children}</JobContext>;
};
