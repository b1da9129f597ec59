'use client';

import { Columns3 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useCallback, useMemo, useState } from 'react';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { backupOf } from '@/core/job/backup';
import { DAY_MIN } from '@/core/simulation/clock';
import { momentAt } from '@/core/simulation/day/moment-at';
import { tickAt } from '@/core/simulation/day/ticks';
import { variantsOf } from '@/core/simulation/day/variant';
import { dayPicks } from '@/core/simulation/weather/day-picks';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import { useJob, useJobNow } from '../job/provider';
import { useModelNow } from '../job/use-model-now';
import { useSentJob } from '../job/use-sent-job';
import { AsTable } from '../kit/as-table';
import { FailedTask } from '../kit/failed-task';
import { dateText } from '../weather/day-of-year';
import { useWeather } from '../weather/use-weather';
import { useCursor } from './cursor';
import { CursorTime } from './cursor-time';
import { DayAnswer } from './day-answer';
import { DayChoice } from './day-choice';
import { DayLanes } from './day-lanes';
import { EnergyTable } from './energy-table';
import { EventList } from './event-list';
import { Player } from './player';
import { SimulateTabs } from './simulate-tabs';
import { useCursorAddress } from './use-cursor-address';
import { useDayPlace, weatherOn } from './use-place';
import { useSimulatedDays } from './use-simulated-days';
import { VariantsCompared } from './ways-compared';
import { VariantsDialog } from './ways-dialog';

const EnergyColumns = dynamic(() => import('./energy-columns'), {
  ssr: false,
  loading: () => <p className="min-h-64 text-quiet">Drawing …</p>,
});

/** A day of the job by the minute: play, step, explain, and compare with other plans. */
export const SimulatePage = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const facts = useJob((job) => job.facts);
  const setMoment = useJob((job) => job.setMoment);
  const now = useJobNow();
  useCursorAddress();
  const model = useModelNow();
  const sent = useSentJob();
  const { place, go } = useDayPlace();
  const { name, hoursF, humidity, problem } = useWeather(facts.year.weather, brought);
  const year = useMemo((): HourlyWeather | null => (hoursF === null ? null : { hoursF, humidity }), [hoursF, humidity]);
  const picks = useMemo(() => (year === null ? [] : dayPicks(year, facts)), [year, facts]);
  const chosen = useMemo(() => (year === null ? null : weatherOn(place.on, year, picks)), [place.on, year, picks]);
  const { answer, isWorking, hasFailed, again } = useSimulatedDays(sent, place.ways, chosen?.weather ?? null, {
    day: chosen?.day ?? 0,
    minutes: place.days * DAY_MIN,
    stepMin: 1,
  });
  const [speed, setSpeed] = useState(60);
  const [isChoosing, setIsChoosing] = useState(false);
  const first = answer?.lived[0] ?? null;

  const move = useCallback(
    (atMin: number) => {
      useCursor.getState().go(atMin);
      if (!first) return;
      const moment = momentAt(first.run, tickAt(first.run, atMin));
      const { moment: before } = now();
      if (before.outdoorF !== moment.outdoorF || before.indoorF !== moment.indoorF || before.call !== moment.call)
        setMoment(moment);
    },
    [first, now, setMoment],
  );

  const job = useMemo(() => ({ model, confirmed: new Set(sent.confirmed) }), [model, sent]);
  const variants = useMemo(() => variantsOf(job), [job]);
  const minutes = place.days * DAY_MIN;
  const ways = place.ways.split(',');
  const when = place.on.kind === 'typed' ? 'Typed-in day' : `${dateText(chosen?.day ?? 0)} in ${name}`;
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <SimulateTabs />
      <section aria-label="The answer" aria-live="polite" className="mb-3 min-h-14">
        {hasFailed ? (
          <FailedTask words="The day could not be calculated." onAgain={again} />
        ) : first ? (
          <DayAnswer day={first} facts={facts} />
        ) : (
          <p className="text-lg text-quiet">{problem ?? 'Running the day …'}</p>
        )}
      </section>
      <div className="no-print mb-3">
        <DayChoice place={place} picks={picks} day={chosen?.day ?? 0} onGo={go}>
          <button type="button" className="plain-button" onClick={() => setIsChoosing(true)}>
            <Columns3 size={18} aria-hidden />{' '}
            {answer && answer.lived.length > 1 ? `Comparing ${answer.lived.length}` : 'Compare'}
          </button>
        </DayChoice>
      </div>
      {answer && first && (
        <div aria-busy={isWorking} className={isWorking ? 'opacity-60' : ''}>
          <h2 className="sr-only">{when}</h2>
          <div className="mb-2 flex flex-wrap items-center justify-between gap-2 border-b-2 border-ink pb-1">
            <span className="flex flex-1 flex-wrap items-baseline justify-between gap-x-4">
              <span aria-hidden className="part-head">
                {when}
              </span>
              <CursorTime minutes={minutes} />
            </span>
            <Player
              minutes={minutes}
              stepMin={first.run.stepMin}
              events={first.events}
              speed={speed}
              onSpeed={setSpeed}
              onMove={move}
            />
          </div>
          <DayLanes days={answer.lived} onMove={move} />
          <p className="mt-2 text-sm text-quiet">
            Drag the line or press Play: the ruler, Wiring and Strips follow that minute.
            {first.assumedHumidity !== null &&
              ` This weather has no humidity: ${Math.round(first.assumedHumidity * 100)} % is assumed.`}{' '}
            Calculated, not measured: house mass, thermostat behavior and coil frost are estimates.
          </p>
          <div className="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
            <EventList events={first.events} minutes={minutes} backup={backupOf(facts)} onMove={move} />
            <VariantsCompared lived={answer.lived} differences={answer.differences} />
          </div>
          <section aria-label="Energy and cost" className="mt-6 min-w-0">
            <h2 className="section-head">Energy and cost by the {place.days > 2 ? 'day' : 'hour'}</h2>
            <div aria-hidden className="min-h-64">
              <EnergyColumns lived={first} facts={facts} />
            </div>
            <AsTable>
              <EnergyTable lived={first} facts={facts} />
            </AsTable>
          </section>
        </div>
      )}
      {isChoosing && (
        <VariantsDialog
          variants={variants}
          chosen={ways}
          onChoose={(ids) => go({ ways: ids.join(',') })}
          onClose={() => setIsChoosing(false)}
        />
      )}
    </div>
  );
};
