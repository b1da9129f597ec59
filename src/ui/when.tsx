/** A time in the reader's own zone. The server may stand in another: the difference is no fault. */
export const When = ({ at, only }: { at: string; only?: 'time' }) => (
  <time dateTime={at} suppressHydrationWarning>
    {new Date(at).toLocaleString(
      'en-US',
      only === 'time'
        ? { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }
        : { year: 'numeric', month: 'short', day: 'numeric', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
    )}
  </time>
);
