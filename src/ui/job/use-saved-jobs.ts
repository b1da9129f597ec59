'use client';

import { createContext, startTransition, use, useCallback, useEffect, useMemo, useState } from 'react';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import type { BundleParts, JobBundle } from '@/core/sync/job/job-bundle';
import { whenIdle } from '../loading/idle';
import { saveBundle, savedBundle, saveParts } from '../offline/device';
import { setDeviceUser } from '../offline/device-user';
import { isQueued, onRequestDone } from '../offline/queued-requests';
import { unsentProfiles } from '../offline/saved-profiles';
import { unsentYears } from '../offline/years-started';
import { useAtWork } from '../person/at-work';
import { call } from '../requests/api';
import { useJob, useJobNow } from './provider';

/** Storage of years on a device: no page waits for it. */
const years = whenIdle(() => import('../offline/years'));

/** Delay before a page from the server saves its job for offline use, ms. */
const REST_MS = 2500;

type Lists = Pick<BundleParts, 'handovers' | 'weather'>;

/** Actions on a job's other data. */
interface AlongActs {
  /** Reloads from the server. */
  readonly refresh: () => Promise<void>;
  /** Stores what this device knows before the server; resolves once it would survive a reload. */
  readonly change: <K extends keyof Lists>(list: K, next: (now: Lists[K]) => Lists[K]) => Promise<void>;
}

const ActsContext = createContext<AlongActs>({ refresh: async () => undefined, change: async () => undefined });

export const BundleActionsProvider = ActsContext;

/** Actions of a screen on its job's other data. */
export const useBundleActions = (): AlongActs => use(ActsContext);

/** Years of the crew, and those that only this device has so far. */
const withYears = (known: readonly StoredWeather[], begun: readonly StoredWeather[]): StoredWeather[] => [
  ...known,
  ...begun.filter((year) => !known.some(({ id }) => id === year.id)),
];

/**
 * Other data of a job's screens: from the server with the page, else from the device, else from the server now. Every
 * opened job is saved for offline use.
 * @param needs what the displayed screen requires
 */
export const useBundle = (initial: Partial<BundleParts>, needs: keyof BundleParts | undefined) => {
  const { personId } = useAtWork();
  const id = useJob((job) => job.saved.id);
  const now = useJobNow();
  const [parts, setParts] = useState(initial);
  const [isMissing, setMissing] = useState(false);
  const lacks = needs !== undefined && parts[needs] === undefined;
  const refresh = useCallback(async () => {
    // A handover made here is ahead of the server until it knows.
    if (isQueued(id, 'after', personId)) return;
    const answer = await call<JobBundle>(`/api/jobs/${id}/bundle`);
    if (answer.kind !== 'ok') return setMissing(true);
    setDeviceUser(answer.value.crew);
    await saveBundle(answer.value);
    const { job, weather, handovers, profiles } = answer.value;
    now().receive(job);
    setMissing(false);
    // A part that is not hydrated is left alone until it is.
    startTransition(() => setParts({ weather, handovers, profiles }));
    // If that fails, the next view of the job asks again.
    const kept = await years().catch(() => null);
    await kept?.saveYearForJob(job);
  }, [id, now, personId]);
  useEffect(() => {
    let isOver = false;
    const take = async () => {
      if (lacks) {
        const kept = await savedBundle(id, personId);
        if (kept && !isOver) setParts((known) => ({ ...kept, ...known }));
      }
      if (!isOver) await refresh();
    };
    const timer = setTimeout(take, lacks ? 0 : REST_MS);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [id, lacks, personId, refresh]);
  useEffect(() => onRequestDone((about) => void (about === id && refresh())), [id, refresh]);
  const acts = useMemo(
    (): AlongActs => ({
      refresh,
      change: (list, next) => {
        const changed = (known: Partial<BundleParts>) => ({ [list]: next((known[list] ?? []) as never) });
        setParts((known) => ({ ...known, ...changed(known) }));
        return saveParts(id, personId, changed);
      },
    }),
    [id, personId, refresh],
  );
  const withBegun = useMemo(
    () => ({
      ...parts,
      ...(parts.profiles && { profiles: [...parts.profiles, ...unsentProfiles(personId)] }),
      ...(parts.weather && { weather: withYears(parts.weather, unsentYears(personId)) }),
    }),
    [parts, personId],
  );
  return { parts: withBegun, isMissing, acts };
};
