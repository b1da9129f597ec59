'use client';

import { useSyncExternalStore } from 'react';

const TIME = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' });
const DAY = new Intl.DateTimeFormat('en-US', { month: 'short', day: 'numeric', year: 'numeric' });

/** A time in words, in the time zone of the device that runs this. */
export const timeWords = (at: string, only?: 'time' | 'day'): string => {
  const date = new Date(at);
  return [only !== 'time' && DAY.format(date), only !== 'day' && TIME.format(date)].filter(Boolean).join(', ');
};

const never = () => () => undefined;

/** Whether the page is hydrated on the device, so that the time zone is the reader's. */
export const useIsOnDevice = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** A time in the reader's time zone. The server, possibly in another zone, renders a placeholder. */
export const DateText = ({ at, only }: { at: string; only?: 'time' | 'day' }) => {
  const isOnDevice = useIsOnDevice();
  return (
    // The server's text is kept through hydration, so the element is recreated.
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
