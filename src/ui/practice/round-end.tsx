'use client';

import type { ReplayLine, RoundOver } from '@/core/practice/view';
import { LocalizedDegrees } from '../degrees/degrees';
import { StopSign } from '../stop-work/stop-banner';
import { minutesText, percent, RESULTS } from './words';

const Replay = ({ line }: { line: ReplayLine }) => (
  <li className="border-b border-line py-2">
    <p className="flex flex-wrap justify-between gap-x-4">
      <span className="font-medium">
        {line.words}
        {line.seen !== null && (
          <>
            {': '}
            <span className="font-mono">
              <LocalizedDegrees>{line.seen}</LocalizedDegrees>
            </span>
          </>
        )}
      </span>
      <span className="font-mono text-sm text-quiet">{minutesText(line.seconds)}</span>
    </p>
    {line.bits !== null && (
      <>
        <ul className="mt-1 text-sm">
          {line.suspects.map(({ words, p }) => (
            <li key={words} className="grid grid-cols-[3.5rem_1fr] gap-x-2">
              <span className="text-right font-mono">{percent(p)}</span>
              <span>{words}</span>
            </li>
          ))}
        </ul>
        {line.better !== null && (
          <p className="mt-1 text-sm">
            <span className="eyebrow">Better reading</span> {line.better}
          </p>
        )}
      </>
    )}
  </li>
);

/** Result of a round: the cause, the score, the lesson, and the replay. */
export const RoundEnd = ({ over, children }: { over: RoundOver; children: React.ReactNode }) => {
  const { score, unsafe, p, named, truth, teaches, replay } = over;
  const { words, about } = RESULTS[score.result];
  const figures = [
    ['Your time', minutesText(score.seconds)],
    ['Best sequence', `${minutesText(score.bestSeconds)}, ${score.bestReadings} readings`],
    ['Your readings', String(score.readings)],
    ['Wasted readings', String(score.toldNothing)],
  ] as const;
  return (
    <div className="grid grid-cols-1 gap-5">
      <section aria-labelledby="result" className="border-2 border-line-strong bg-sheet p-4">
        <div role="status">
          <h2 id="result" className="page-head">
            {words}
          </h2>
          <p className="text-quiet">{about}</p>
        </div>
        {unsafe && (
          <div className="caution-sign mt-3 py-3 pr-3 pl-5">
            <p className="font-semibold">{unsafe.words}</p>
            <p>{unsafe.would}</p>
          </div>
        )}
        {p !== null && (
          <p className="mt-2">
            You named: {named.join(' and ')}. Your readings make that {percent(p)} likely.
          </p>
        )}
        <dl className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-4">
          {figures.map(([name, figure]) => (
            <div key={name}>
              <dt className="eyebrow">{name}</dt>
              <dd className="font-mono text-lg">{figure}</dd>
            </div>
          ))}
        </dl>
        <div className="mt-4 flex flex-wrap gap-2">{children}</div>
      </section>
      <section aria-labelledby="truth">
        <h2 id="truth" className="section-head">
          What it was
        </h2>
        {truth.map((each) => (
          <div key={each.words} className="py-2">
            <p className="text-lg font-medium">{each.words}</p>
            <p>{each.fix}</p>
            {each.stop && <StopSign stop={each.stop} />}
          </div>
        ))}
        <p className="border-l-4 border-ink pl-3">{teaches}</p>
      </section>
      <section aria-labelledby="replay">
        <h2 id="replay" className="section-head">
          Step by step
        </h2>
        <ol>
          {replay.map((line, at) => (
            <Replay key={at} line={line} />
          ))}
        </ol>
      </section>
    </div>
  );
};
