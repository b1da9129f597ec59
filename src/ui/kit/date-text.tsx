'use client';

import { useSyncExternalStore } from 'react';

const TIME = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' });
const DAY = new Intl.DateTimeFormat('en-US', { month: 'short', day: 'numeric', year: 'numeric' });

/** A time in words, in the zone of the device that this runs on. */
export const timeWords = (at: string, only?: 'time' | 'day'): string => {
  const date = new Date(at);
  return [only !== 'time' && DAY.format(date), only !== 'day' && TIME.format(date)].filter(Boolean).join(', ');
};

const never = () => () => undefined;

/** Whether the page has come to life on the device, whose zone is the reader's own. */
export const useIsOnDevice = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** A time in the reader's own zone. The server, which may are in another, only holds the place. */
export const DateText = ({ at, only }: { at: string; only?: 'time' | 'day' }) => {
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
