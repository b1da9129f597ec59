'use client';

import { useJob } from './provider';

/** What the server says to who is not signed in any more. */
const SIGNED_OUT = /^Sign in first/;

/** A strip under the header while something entered cannot be saved: what, and what happens to it. */
export const LostBanner = () => {
  const state = useJob((job) => job.saveState);
  const problem = useJob((job) => job.problem);
  if (state !== 'lost' && state !== 'refused') return null;
  const isSignedOut = state === 'lost' && SIGNED_OUT.test(problem);
  return (
    <p role="alert" className="lost-line no-print border-b border-line bg-warn-wash px-4 py-2 text-sm">
      {isSignedOut ? (
        <>
          {problem} {/* A whole load: the page comes back as whoever signs in. */}
          <a
            href="/sign-in"
            onClick={(event) => {
              event.preventDefault();
              const { pathname, search } = window.location;
              window.location.assign(`/sign-in?to=${encodeURIComponent(pathname + search)}`);
            }}
            className="font-semibold underline underline-offset-4"
          >
            Sign in
          </a>
        </>
      ) : state === 'lost' ? (
        <>
          <span className="max-sm:hidden">
            {problem} It goes out by itself as soon as the server is back; you can go on.
          </span>
          <span className="sm:hidden">Not reached. Kept here; it goes out by itself.</span>
        </>
      ) : (
        <>{problem} Correct it, or take it back with Ctrl Z.</>
      )}
    </p>
  );
};
