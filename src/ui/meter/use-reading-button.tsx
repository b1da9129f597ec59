'use client';

import { lazyClient } from '../loading/lazy-client';
import { useHeard } from './heard';
import type { UseReadingProps } from './use-heard';

const TakeHeard = lazyClient(() => import('./use-heard').then((module) => module.UseHeardReading));

/** Next to a reading's field: the connected meter's value, used with a tap. Nothing without a meter. */
export const UseReadingButton = (props: UseReadingProps) => {
  const source = useHeard((state) => state.source);
  return source && <TakeHeard source={source} {...props} />;
};
