'use client';

import Link from 'next/link';
import type { EnteredBy } from '@/core/access/entered-by';
import type { Chosen } from '@/core/practice/chosen';
import { FailedTask } from '../kit/failed-task';
import { HeaderWithBack } from '../kit/header-with-back';
import { RoundEnd } from './round-end';
import { RoundRig } from './round-rig';
import { type OwnHouse, useRound } from './use-round';

const seedAfter = (seed: number): number => (seed % 999_999) + 1;

interface RoundPageProps {
  readonly chosen: Chosen;
  readonly who: EnteredBy;
  /** The crew’s own house of the round, if any. */
  readonly own?: OwnHouse;
}

/** A practice round: a house with a fault to find. */
export const RoundPage = ({ chosen, who, own }: RoundPageProps) => {
  const { stand, isBusy, hasFailed, causes, act, again, retry } = useRound(chosen, who, own);
  const { round, seed, isEndless } = chosen;
  return (
    <main className="mx-auto max-w-7xl px-3 py-3 sm:px-6" aria-busy={isBusy}>
      <HeaderWithBack to="/practice" toLabel="All rounds" title={stand?.view.title ?? 'Practice'}>
        <span className="text-sm text-quiet">Practice · round {seed}</span>
      </HeaderWithBack>
      {hasFailed && (
        <div className="mt-3">
          <FailedTask words="The house could not be built on this device." onAgain={retry} />
        </div>
      )}
      {!stand && !hasFailed && (
        <p role="status" className="mt-3 text-lg text-quiet">
          Building the house …
        </p>
      )}
      {stand && (
        <div className="mt-4">
          {stand.over ? (
            <RoundEnd over={stand.over}>
              <button type="button" className="strong-button" onClick={again}>
                Try again
              </button>
              <Link
                className="plain-button"
                prefetch={false}
                href={`/practice/${own ? `job/${own.jobId}` : round}?seed=${seedAfter(seed)}${isEndless ? '&endless=yes' : ''}`}
              >
                {isEndless ? 'Another house' : 'Same fault, new readings'}
              </Link>
              <Link className="plain-button" prefetch={false} href="/practice">
                All rounds
              </Link>
            </RoundEnd>
          ) : (
            <RoundRig view={stand.view} causes={causes} why={stand.why} isBusy={isBusy} onAct={act} />
          )}
        </div>
      )}
    </main>
  );
};
