'use client';

import { useJob } from './provider';

/** A strip under the header while something entered cannot be saved: what, and what happens to it. */
export const LostBanner = () => {
  const state = useJob((job) => job.saveState);
  const problem = useJob((job) => job.problem);
  if (state !== 'lost' && state !== 'refused') return null;
  return (
    <p role="alert" className="no-print border-b border-line bg-warn-wash px-4 py-2 text-sm">
      {problem}{' '}
      {state === 'lost'
        ? 'It goes out by itself as soon as the server is back; you can go on.'
        : 'Correct it, or take it back with Ctrl Z.'}
    </p>
  );
};
