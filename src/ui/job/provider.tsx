'use client';

import { createContext, use, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { Moment } from '@/core/control/moment';
import type { StoredJob } from '@/core/job/stored-job';
import { useAtWork, useMay } from '../crew/at-work';
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

/** Reads from the job's state; the part is drawn again only when what it reads changes. */
export const useJob = <T,>(select: (state: JobState) => T): T => useStore(useJobStore(), select);

/** The state as it is now, for handlers. */
export const useJobNow = (): (() => JobState) => useJobStore().getState;

/** How long the marker must rest before the address follows, ms: browsers refuse to write it sixty times a second. */
const ADDRESS_DELAY_MS = 300;

/** The address of the page as it is, with another moment; where the page is in its own work is kept. */
const addressWith = (query: string): string => {
  const here = new URLSearchParams(window.location.search);
  const own = PLACE_PARAMETERS.flatMap((name) => {
    const value = here.get(name);
    return value === null ? [] : [`&${name}=${encodeURIComponent(value)}`];
  });
  return `${window.location.pathname}?${query}${own.join('')}`;
};

/** Gives the pages of a job their shared state, keeps it saved, and keeps the moment in the address bar. */
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
    // Who is signed in reads, until someone else of the crew is chosen.
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
