'use client';

import { createContext, startTransition, use, useCallback, useEffect, useMemo, useState } from 'react';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import type { BundleParts, JobBundle } from '@/core/job/job-bundle';
import { useAtWork } from '../crew/at-work';
import { useJob, useJobNow } from '../job/provider';
import { whenIdle } from '../loading/idle';
import { call } from '../requests/api';
import { saveBundle, savedBundle, saveParts } from './device';
import { setDeviceUser } from './device-user';
import { isQueued, onRequestDone } from './queued-requests';
import { unsentProfiles } from './saved-profiles';
import { unsentYears } from './years-started';

/** How years are kept on a device: no page waits for it. */
const years = whenIdle(() => import('./years'));

/** A page that came from the server takes its job along once it has come to rest, ms. */
const REST_MS = 2500;

type Lists = Pick<BundleParts, 'handovers' | 'weather'>;

/** What can be done about what is next to a job. */
interface AlongActs {
  /** Has the server say what there is now. */
  readonly refresh: () => Promise<void>;
  /** Keeps here what this device knows, and the server does not yet; done once it would outlive a reload. */
  readonly change: <K extends keyof Lists>(list: K, next: (now: Lists[K]) => Lists[K]) => Promise<void>;
}

const ActsContext = createContext<AlongActs>({ refresh: async () => undefined, change: async () => undefined });

export const BundleActionsProvider = ActsContext;

/** What a screen can do about what is next to its job. */
export const useBundleActions = (): AlongActs => use(ActsContext);

/** Years of the crew, and those that only this device has yet. */
const withYears = (known: readonly StoredWeather[], begun: readonly StoredWeather[]): StoredWeather[] => [
  ...known,
  ...begun.filter((year) => !known.some(({ id }) => id === year.id)),
];

/**
 * What the screens of a job need next to it: as the server gave it, else as the device has it, else as the server has
 * it now. Every job that is opened comes along by itself.
 * @param needs what the screen that is shown cannot do without
 */
export const useBundle = (initial: Partial<BundleParts>, needs: keyof BundleParts | undefined) => {
  const { personId } = useAtWork();
  const id = useJob((job) => job.saved.id);
  const now = useJobNow();
  const [parts, setParts] = useState(initial);
  const [isMissing, setMissing] = useState(false);
  const lacks = needs !== undefined && parts[needs] === undefined;
  const refresh = useCallback(async () => {
    // What was handed over here is ahead of the server until it has heard of it.
    if (isQueued(id, 'after', personId)) return;
    const answer = await call<JobBundle>(`/api/jobs/${id}/bundle`);
    if (answer.kind !== 'ok') return setMissing(true);
    setDeviceUser(answer.value.crew);
    await saveBundle(answer.value);
    const { job, weather, handovers, profiles } = answer.value;
    now().receive(job);
    setMissing(false);
    // What is not alive yet is left standing until it is.
    startTransition(() => setParts({ weather, handovers, profiles }));
    // Where that does not come, the next look at the job asks for it again.
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
