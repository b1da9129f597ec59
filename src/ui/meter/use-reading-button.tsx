'use client';

import { drawnLater } from '../loading/lazy-client';
import { useHeard } from './heard';
import type { TakeButtonProps } from './use-heard';

const TakeHeard = drawnLater(() => import('./use-heard').then((module) => module.TakeHeard));

/** Beside the field of a reading: what a meter that is listened to shows, taken with a tap. Nothing where none is. */
export const TakeButton = (props: TakeButtonProps) => {
  const source = useHeard((state) => state.source);
  return source && <TakeHeard source={source} {...props} />;
};
