'use client';

import type { Remote } from 'comlink';
import { Upload } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import type { FactPath } from '@/core/job/document';
import { jobTimeConstant } from '@/core/simulation/house/job-house';
import type { MeasuredHouse } from '@/core/simulation/house/measured-house';
import { dayPicks } from '@/core/simulation/weather/day-picks';
import type { DayWorker } from '@/workers/day.worker';
import { FactField } from '../../fields/fact-field';
import { useJob } from '../../job/provider';
import { useFactsWithUndo } from '../../job/use-facts-with-undo';
import { useSentJob } from '../../job/use-sent-job';
import { FileButton } from '../../kit/file-button';
import { useWeather } from '../../weather/use-weather';
import { startDayWorker } from '../day-worker';
import { SimulateTabs } from '../simulate-tabs';
import { FittedHouse } from './fitted-house';

const FACTS: readonly FactPath[] = ['house.weight', 'house.coolDowns', 'house.timeConstantH'];
const FROM_WORDS = {
  logger: 'measured by a logger',
  'cool-down': 'from the overnight cool-down',
  weight: 'estimated from construction type',
} as const;

/** The measured house: a cool-down of two readings, or a logger file that loss and mass are fitted to. */
export const MeasuredPage = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const facts = useJob((job) => job.facts);
  const sent = useSentJob();
  const { hoursF, humidity } = useWeather(facts.year.weather, brought);
  const [house, setHouse] = useState<MeasuredHouse | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [file, setFile] = useState('');
  const [isWorking, setIsWorking] = useState(false);
  const known = useMemo(() => jobTimeConstant(facts), [facts]);
  const measure = async (name: string, textOf: (worker: Remote<DayWorker>) => Promise<string>) => {
    const worker = startDayWorker();
    setIsWorking(true);
    setFile(name);
    try {
      const answer = await worker.ask(async (remote) => remote.measure(sent, await textOf(remote)));
      setHouse(answer.ok ? answer.value : null);
      setProblem(answer.ok ? null : `${answer.path === '' ? '' : `${answer.path}: `}${answer.error}`);
    } catch {
      setHouse(null);
      setProblem(`${name} could not be calculated. Try again.`);
    } finally {
      worker.end();
      setIsWorking(false);
    }
  };
  const standIn = () => {
    if (hoursF === null) return;
    const weather = { hoursF, humidity };
    const day = dayPicks(weather, facts).find(({ id }) => id === 'design')?.day ?? 0;
    void measure('Simulated logger', (worker) => worker.standIn(sent, weather, day));
  };
  const take = useFactsWithUndo();
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <SimulateTabs />
      <p className="mb-3 border-l-4 border-ink pl-3 text-lg font-medium">
        This house holds its heat for about {Math.round(known.hours)} h, {FROM_WORDS[known.from]}.{' '}
        <span className="text-base font-normal">This decides what a setback saves and how long recovery takes.</span>
      </p>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="What is known">
          <h2 className="mb-1 section-head">What is known</h2>
          {FACTS.map((path) => (
            <FactField key={path} path={path} />
          ))}
        </section>
        <section aria-label="Logger" aria-busy={isWorking}>
          <h2 className="section-head">A logger’s file</h2>
          <p className="mt-2 max-w-prose text-sm text-quiet">
            CSV with a header: time, room, outdoor, compressor, aux. A night with a setback is most useful. Heat loss
            and mass are fitted to the room temperature by least squares; equipment output comes from the Survey.
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            <FileButton
              label="Logger file"
              accept=".csv,.txt"
              onFile={(chosen) => void measure(chosen.name, () => chosen.text())}
            >
              <Upload size={18} aria-hidden /> Import CSV
            </FileButton>
            <button type="button" className="plain-button" onClick={standIn}>
              Try a simulated logger
            </button>
          </div>
          {problem && (
            <p role="alert" className="mt-3 border-l-4 border-fail pl-3">
              {file}: {problem}
            </p>
          )}
          {house && <FittedHouse name={file} house={house} onTake={take} />}
        </section>
      </div>
    </div>
  );
};
