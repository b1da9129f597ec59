'use client';

import { format } from 'date-fns';
import { useSyncExternalStore } from 'react';

const FORMATS = { time: 'HH:mm', day: 'MMM d, yyyy', both: 'MMM d, yyyy HH:mm' } as const;

/** A time in words, in the zone of the device that this runs on. */
export const timeWords = (at: string, only: keyof typeof FORMATS = 'both'): string =>
  format(new Date(at), FORMATS[only]);

const never = () => () => undefined;

/** Whether the page has come to life on the device, whose zone is the reader's own. */
export const useIsOnDevice = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** A time in the reader's own zone. The server, which may stand in another, only holds the place. */
export const When = ({ at, only }: { at: string; only?: 'time' | 'day' }) => {
  const isOnDevice = useIsOnDevice();
  return (
    // The text that came from the server is kept through hydration, so the element is made anew.
    <time
      key={String(isOnDevice)}
      dateTime={at}
      suppressHydrationWarning
      className={isOnDevice ? undefined : 'invisible'}
    >
      {timeWords(at, only)}
    </time>
  );
};
