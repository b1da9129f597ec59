'use client';

import { useEffect } from 'react';
import { atOutdoor } from '@/core/control/moment';
import { useJobNow } from '../job/provider';
import { outdoorF, useHeard } from './heard';

/** On every page of a job: continues listening after a reload, and moves the needle with a followed outdoor sensor. */
export const KeepsListening = () => {
  const now = useJobNow();
  const resume = useHeard((state) => state.resume);
  const degrees = useHeard((state) => (state.followsOutdoors ? outdoorF(state) : null));
  useEffect(resume, [resume]);
  useEffect(() => {
    if (degrees !== null) now().setMoment(atOutdoor(now().moment, degrees));
  }, [degrees, now]);
  return null;
};
