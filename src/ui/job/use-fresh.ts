'use client';

import { useCallback, useEffect } from 'react';
import type { JobMark } from '@/core/access/company';
import type { StoredJob } from '@/core/job/stored-job';
import { saveJobCopy } from '../offline/device';
import { call } from '../requests/api';
import { useJobNow, useStoreOfJob } from './provider';

/** What is acknowledged is kept on the device, and told to other tabs, once it has rested so long, ms. */
const REST_MS = 300;

const markOf = ({ revision, readings, settingMarks, visits }: StoredJob): JobMark => ({
  revision,
  rows: readings.length + settingMarks.length + visits.length,
});

/**
 * Keeps the job fresh: what is acknowledged here goes to the device and to other tabs, what others did comes in without
 * touching what is being typed.
 * @returns to be told how far the job is on the server; what is missing here is then fetched
 */
export const useFreshJob = () => {
  const store = useStoreOfJob()!;
  const now = useJobNow();
  useEffect(() => {
    // Another person's tab, or another crew's job under the same id, is none of this one's.
    const { saved: own, rights } = now();
    const channel = new BroadcastChannel(`gate-cross:job:${rights.crewId ?? rights.personId}:${own.id}`);
    let told: StoredJob = now().saved;
    let timer: ReturnType<typeof setTimeout> | undefined;
    channel.onmessage = ({ data }: MessageEvent<StoredJob>) => {
      now().receive(data);
      // What came from another tab is not told back to it.
      told = now().saved;
    };
    const unsubscribe = store.subscribe(({ saved }) => {
      if (saved === told) return;
      clearTimeout(timer);
      timer = setTimeout(() => {
        if (saved === told) return;
        told = saved;
        void saveJobCopy(saved, now().rights.personId);
        channel.postMessage(saved);
      }, REST_MS);
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
      channel.close();
    };
  }, [store, now]);
  return useCallback(
    async (at: JobMark) => {
      const here = markOf(now().saved);
      if (here.revision === at.revision && here.rows === at.rows) return;
      const answer = await call<StoredJob>(`/api/jobs/${now().saved.id}`);
      if (answer.kind === 'ok') now().receive(answer.value);
    },
    [now],
  );
};
