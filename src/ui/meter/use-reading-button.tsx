'use client';

import { lazyClient } from '../loading/lazy-client';
import { useHeard } from './heard';
import type { UseReadingProps } from './use-heard';

const TakeHeard = lazyClient(() => import('./use-heard').then((module) => module.UseHeardReading));

/** Next to the field of a reading: what a meter that is listened to shows, taken with a tap. Nothing where none is. */
export const UseReadingButton = (props: UseReadingProps) => {
  const source = useHeard((state) => state.source);
  return source && <TakeHeard source={source} {...props} />;
};
