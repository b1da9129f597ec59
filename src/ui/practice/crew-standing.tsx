'use client';

import { Download } from 'lucide-react';
import { type PersonPlayed, progressOf } from '@/core/practice/progress';
import { DateText } from '../kit/date-text';
import { download } from '../kit/download';
import { whenIdle } from '../loading/idle';

const csv = whenIdle(() => import('@/core/formats/practice-csv'));

const HEADS = ['Played', 'Found', 'Guessed', 'Unsafe', 'Weakest', 'Last'] as const;

const Line = ({ name, played }: PersonPlayed) => {
  const progress = progressOf(played);
  return (
    <tr className="border-b border-line">
      <th scope="row" className="py-1.5 pr-4 text-left font-medium">
        {name}
      </th>
      {[progress.played, progress.found, progress.guessed, progress.unsafe].map((figure, at) => (
        <td key={HEADS[at]} className="py-1.5 pr-4 font-mono">
          {figure}
        </td>
      ))}
      <td className="py-1.5 pr-4">{progress.weakest ?? 'no weak spot yet'}</td>
      <td className="py-1.5 text-sm">
        <DateText at={played.at(-1)!.at} />
      </td>
    </tr>
  );
};

/** Each crew member's practice results, for the crew lead. */
export const CrewResults = ({ people }: { people: readonly PersonPlayed[] }) => (
  <section aria-labelledby="crew-standing" className="mt-8">
    <h2 id="crew-standing" className="section-head">
      Crew results
    </h2>
    {people.length === 0 ? (
      <p className="mt-1 text-quiet">No rounds played yet.</p>
    ) : (
      <>
        <div className="overflow-x-auto" role="region" aria-labelledby="crew-standing" tabIndex={0}>
          <table className="mt-1 w-full">
            <thead>
              <tr className="border-b border-line">
                <th scope="col" className="eyebrow py-1 pr-4 text-left">
                  Person
                </th>
                {HEADS.map((head) => (
                  <th key={head} scope="col" className="eyebrow py-1 pr-4 text-left">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {people.map((person) => (
                <Line key={person.personId} {...person} />
              ))}
            </tbody>
          </table>
        </div>
        <button
          type="button"
          className="plain-button mt-3"
          onClick={() =>
            void csv().then(({ crewPracticeCsv }) =>
              download('practice-crew.csv', new Blob([crewPracticeCsv(people)], { type: 'text/csv' })),
            )
          }
        >
          <Download size={18} aria-hidden /> Export the crew’s (CSV)
        </button>
      </>
    )}
  </section>
);
