'use client';

import { Download } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { LESSONS } from '@/core/practice/lessons';
import { type PersonPlayed, type Played, playedInAll, progressOf } from '@/core/practice/progress';
import { download } from '../kit/download';
import { HeaderWithBack } from '../kit/header-with-back';
import { whenIdle } from '../loading/idle';
import { CrewResults } from './crew-standing';
import { playedBy } from './saved-progress';
import { percent, RESULTS } from './words';

const csv = whenIdle(() => import('@/core/formats/practice-csv'));

const never = () => () => undefined;

/** Rounds finished on this device, as of page load. */
const usePlayed = (personId: string): readonly Played[] => {
  const [kept] = useState<{ of?: readonly Played[] }>({});
  return useSyncExternalStore(
    never,
    () => (kept.of ??= playedBy(personId)),
    () => NONE,
  );
};
const NONE: readonly Played[] = [];

/** Random houses with random faults, one link for a whole class. */
const Endless = () => {
  const [seed, setSeed] = useState('1');
  const isSeed = /^[1-9]\d{0,5}$/.test(seed);
  const houses = [
    ['dead-thermostat', 'Air handler, two-bank kit'],
    ['half-a-kit', 'Air handler, three banks'],
    ['o-for-b', 'Valve energized in heating'],
    ['w-out-on-furnace', 'Dual fuel'],
  ] as const;
  return (
    <section aria-labelledby="endless" className="mt-8">
      <h2 id="endless" className="section-head">
        Endless
      </h2>
      <p className="mt-1 text-quiet">
        A random fault from the catalog. The same house and number gives everyone the same round: send the link.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="eyebrow">Round number</span>
          <input
            className="field-box block w-32 font-mono"
            inputMode="numeric"
            value={seed}
            aria-invalid={!isSeed}
            onChange={(event) => setSeed(event.target.value)}
          />
        </label>
        {isSeed ? (
          houses.map(([round, words]) => (
            <Link
              key={round}
              prefetch={false}
              className="plain-button"
              href={`/practice/${round}?seed=${seed}&endless=yes`}
            >
              {words}
            </Link>
          ))
        ) : (
          <p role="alert" className="text-fail">
            A whole number from 1 to 999999.
          </p>
        )}
      </div>
    </section>
  );
};

const Standing = ({ played }: { played: readonly Played[] }) => {
  const { found, guessed, unsafe, idleShare, weakest } = progressOf(played);
  const figures = [
    ['Played', String(played.length)],
    ['Found', String(found)],
    ['Guessed right', String(guessed)],
    ['Unsafe', String(unsafe)],
    ['Wasted readings', idleShare === null ? 'none yet' : percent(idleShare)],
    ['Weakest', weakest ?? 'no weak spot yet'],
  ] as const;
  return (
    <section aria-labelledby="standing" className="mt-8">
      <h2 id="standing" className="section-head">
        Your results
      </h2>
      <dl className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-3">
        {figures.map(([name, figure]) => (
          <div key={name}>
            <dt className="eyebrow">{name}</dt>
            <dd className="text-lg">{figure}</dd>
          </div>
        ))}
      </dl>
      {played.length > 0 && (
        <button
          type="button"
          className="plain-button mt-3"
          onClick={() =>
            void csv().then(({ practiceCsv }) =>
              download('practice.csv', new Blob([practiceCsv(played)], { type: 'text/csv' })),
            )
          }
        >
          <Download size={18} aria-hidden /> Export (CSV)
        </button>
      )}
    </section>
  );
};

/** A controller that can be simulated. */
export interface BenchController {
  readonly id: string;
  readonly name: string;
}

const Controllers = ({ controllers }: { controllers: readonly BenchController[] }) => (
  <section aria-labelledby="controllers" className="mt-8">
    <h2 id="controllers" className="section-head">
      Controllers on the bench
    </h2>
    <p className="mt-1 text-quiet">
      Each has its own menus, hidden entries, save steps and delays. Practice a card here before you are in the attic.
    </p>
    <div className="mt-2 flex flex-wrap gap-2">
      {controllers.map(({ id, name }) => (
        <Link key={id} prefetch={false} className="plain-button" href={`/practice/controllers/${id}`}>
          {name}
        </Link>
      ))}
    </div>
  </section>
);

interface PracticeProps {
  readonly personId: string;
  readonly controllers: readonly BenchController[];
  /** Rounds that the server knows from this person's devices. */
  readonly known?: readonly Played[];
  /** Rounds of each crew member; null: not for this viewer. */
  readonly crew?: readonly PersonPlayed[] | null;
}

/** Lessons, controllers, results, and endless rounds. */
export const PracticePage = ({ personId, controllers, known = NONE, crew = null }: PracticeProps) => {
  const here = usePlayed(personId);
  const played = useMemo(() => playedInAll(known, here), [known, here]);
  const bestOf = (round: string): Played | undefined => {
    const own = played.filter((each) => each.round === round && !each.isEndless);
    return own.find(({ result }) => result === 'found') ?? own.at(-1);
  };
  return (
    <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <HeaderWithBack to="/" toLabel="All jobs" title="Practice">
        <Link href="/guide/practice" prefetch={false} className="plain-button">
          Guide
        </Link>
      </HeaderWithBack>
      <p className="mt-2 text-quiet">
        Made-up houses with something wrong in them. Every walk and reading costs time. A wrong answer costs nothing; an
        unsafe act ends the round. Nothing here changes a job. On a real house, local codes, the manufacturer’s
        instructions and licensed practice come first.
      </p>
      {LESSONS.map(({ id, title, about, rounds }) => (
        <section key={id} aria-labelledby={`lesson-${id}`} className="mt-6">
          <h2 id={`lesson-${id}`} className="section-head">
            {title}
          </h2>
          <p className="text-sm text-quiet">{about}</p>
          <ul>
            {rounds.map((round) => {
              const best = bestOf(round.id);
              return (
                <li key={round.id} className="border-b border-line">
                  <Link
                    prefetch={false}
                    href={`/practice/${round.id}?seed=1`}
                    className="flex min-h-11 items-center justify-between gap-3 py-1"
                  >
                    <span className="text-lg">{round.title}</span>
                    <span className="text-sm text-quiet">{best ? RESULTS[best.result].words : 'Not played'}</span>
                  </Link>
                </li>
              );
            })}
          </ul>
        </section>
      ))}
      <Endless />
      <Controllers controllers={controllers} />
      <Standing played={played} />
      {crew && <CrewResults people={crew} />}
    </main>
  );
};
