'use client';

import { useCallback, useEffect } from 'react';
import type { JobMark } from '@/core/access/company';
import type { StoredJob } from '@/core/job/stored-job';
import { useJobNow, useStoreOfJob } from '../job/provider';
import { saveJobCopy } from '../offline/device';
import { call } from '../requests/api';

/** Delay before acknowledged state goes to the device and to other tabs, ms. */
const REST_MS = 300;

const markOf = ({ revision, readings, settingMarks, visits }: StoredJob): JobMark => ({
  revision,
  rows: readings.length + settingMarks.length + visits.length,
});

/**
 * Keeps the job fresh: acknowledged state goes to the device and other tabs; changes by others come in without touching
 * what is being typed.
 * @returns to be told the job's state on the server; missing parts are then fetched
 */
export const useFreshJob = () => {
  const store = useStoreOfJob()!;
  const now = useJobNow();
  useEffect(() => {
    // Another person's tab, or another crew's job with the same id, does not concern this one.
    const { saved: own, rights } = now();
    const channel = new BroadcastChannel(`gate-cross:job:${rights.crewId ?? rights.personId}:${own.id}`);
    let told: StoredJob = now().saved;
    let timer: ReturnType<typeof setTimeout> | undefined;
    channel.onmessage = ({ data }: MessageEvent<StoredJob>) => {
      now().receive(data);
      // State received from another tab is not sent back.
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
