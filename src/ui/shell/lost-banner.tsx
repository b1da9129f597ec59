'use client';

import { SIGN_IN_FIRST, SOMEBODY_ELSE } from '@/core/access/entered-by';
import { NO_ROOM } from '@/core/sync/step';
import { useJob } from '../job/provider';
import { refusedBefore } from '../offline/queued-requests';

const LINK = 'font-semibold text-link';

/** A banner below the header while entries cannot be saved: what, and what happens to them. */
export const LostBanner = () => {
  const state = useJob((job) => job.saveState);
  const problem = useJob((job) => job.problem);
  const isUnkept = useJob((job) => job.isUnkept);
  const tryAgain = useJob((job) => job.tryAgain);
  // The job itself was refused: nothing on the page can be corrected.
  const isOwnBeginning = useJob(
    ({ saved, rights }) => problem !== '' && problem === refusedBefore(saved.id, rights.personId),
  );
  if (isUnkept)
    return (
      <p role="alert" className="lost-line no-print border-b border-line bg-warn-wash px-4 py-2 text-sm font-semibold">
        {NO_ROOM}
      </p>
    );
  if (state !== 'lost' && state !== 'refused') return null;
  const isSignedOut = state === 'lost' && problem.startsWith(SIGN_IN_FIRST);
  const isSomebodyElse = state === 'lost' && problem.startsWith(SOMEBODY_ELSE);
  return (
    <p role="alert" className="lost-line no-print border-b border-line bg-warn-wash px-4 py-2 text-sm">
      {isSomebodyElse ? (
        <>
          {SOMEBODY_ELSE} {/* A whole load: the page comes back as whoever is signed in. */}
          <button type="button" onClick={() => window.location.reload()} className={LINK}>
            Reload
          </button>
        </>
      ) : isSignedOut ? (
        <>
          {SIGN_IN_FIRST} {/* A whole load: the page comes back as whoever signs in. */}
          <a
            href="/sign-in"
            onClick={(event) => {
              event.preventDefault();
              const { pathname, search } = window.location;
              window.location.assign(`/sign-in?to=${encodeURIComponent(pathname + search)}`);
            }}
            className={LINK}
          >
            Sign in
          </a>
        </>
      ) : state === 'lost' ? (
        <>
          <span className="max-sm:hidden">
            {problem} It will send automatically when the server is back; keep working.
          </span>
          <span className="sm:hidden">Offline. Saved on this device; it will send automatically.</span>
        </>
      ) : (
        <>
          {problem} {isOwnBeginning ? '' : 'Correct it, or undo with Ctrl Z. '}
          <button type="button" onClick={tryAgain} className={LINK}>
            Try again
          </button>
        </>
      )}
    </p>
  );
};
