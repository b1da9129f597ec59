'use client';

import { useEffect, useState } from 'react';
import { ofVisit } from '@/core/job/visits';
import type { ResolvedSettings } from '@/core/setup/resolve-among';
import type { SettingId } from '@/core/setup/setting-id';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';

const NONE: ReadonlySet<SettingId> = new Set();

/** Settings that the page folds: read back at their default on this visit. None until something was read back. */
export const useFoldedSettings = (settings: ResolvedSettings): ReadonlySet<SettingId> => {
  const facts = useJob((job) => job.facts);
  const marks = useJob((job) => job.settingMarks);
  const visit = useJob((job) => shownVisit(job)?.id);
  const [folded, setFolded] = useState(NONE);
  useEffect(() => {
    const own = ofVisit(marks, visit);
    let isCurrent = true;
    const settle = (next: ReadonlySet<SettingId>) => isCurrent && setFolded(next);
    const hasReadBack = own.some(({ kind }) => kind === 'read-back');
    // The profiles are loaded only where there is something to fold.
    const get = hasReadBack ? import('@/core/setup/card/read-back-at-default') : Promise.resolve(null);
    void get.then((module) => settle(module?.readBackAtDefault(facts, settings, own) ?? NONE));
    return () => {
      isCurrent = false;
    };
  }, [facts, settings, marks, visit]);
  return folded;
};
