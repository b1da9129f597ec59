'use client';

import { createContext, use, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { Moment } from '@/core/control/moment';
import type { StoredJob } from '@/core/job/stored-job';
import { useAtWork, useMay } from '../person/at-work';
import { restorePerson, usePerson } from '../person/person';
import { jobQuery, PLACE_PARAMETERS } from './query';
import type { JobState } from './state';
import { createJobStore, type JobStore } from './store';

const JobContext = createContext<JobStore | null>(null);

/** The job's store; null outside of a job. */
export const useStoreOfJob = (): JobStore | null => use(JobContext);

const useJobStore = (): JobStore => {
  const store = useStoreOfJob();
  if (!store) throw new Error('A part of a job page is outside its job.');
  return store;
};

/** Reads from the job's state; the part renders again only when its value changes. */
export const useJob = <T,>(select: (state: JobState) => T): T => useStore(useJobStore(), select);

/** The present state, for handlers. */
export const useJobNow = (): (() => JobState) => useJobStore().getState;

/** Delay before the address follows the needle, ms: browsers limit how often it is written. */
const ADDRESS_DELAY_MS = 300;

/** The page's address with another moment; the page's own parameters are kept. */
const addressWith = (query: string): string => {
  const here = new URLSearchParams(window.location.search);
  const own = PLACE_PARAMETERS.flatMap((name) => {
    const value = here.get(name);
    return value === null ? [] : [`&${name}=${encodeURIComponent(value)}`];
  });
  return `${window.location.pathname}?${query}${own.join('')}`;
};

/** Gives a job's pages their shared state, saves it, and keeps the moment in the address. */
export const JobProvider = ({
  job,
  moment,
  visit,
  cautionsRead,
  children,
}: {
  job: StoredJob;
  moment: Moment;
  visit: string | null;
  cautionsRead: readonly string[];
  children: React.ReactNode;
}) => {
  const { personId, crewId, me, names } = useAtWork();
  const rights = { personId, crewId, change: useMay('change'), read: useMay('read') };
  const [store] = useState(() => createJobStore(job, moment, visit, cautionsRead, rights));
  useEffect(() => {
    restorePerson();
    return store.getState().start();
  }, [store]);
  useEffect(() => {
    // The signed-in person takes the readings until another crew member is chosen.
    const { author, set } = usePerson.getState();
    if (!names.includes(author)) set({ author: me });
  }, [me, names]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const unsubscribe = store.subscribe((state, before) => {
      if (state.moment === before.moment && state.visit === before.visit) return;
      clearTimeout(timer);
      timer = setTimeout(
        () => window.history.replaceState(null, '', addressWith(jobQuery(store.getState()))),
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
