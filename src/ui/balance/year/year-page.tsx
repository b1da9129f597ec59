'use client';

import { useMemo, useState } from 'react';
import { jobPeak } from '@/core/balance/year/from-job';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { BIN_WIDTH_F, binned } from '@/core/balance/year/temperatures';
import { factApplies } from '@/core/job/applies';
import { backupOf } from '@/core/job/backup';
import type { FactPath } from '@/core/job/document';
import { comparePlans } from '@/core/setup/ways/compare';
import { jobPlans } from '@/core/setup/ways/way';
import { FUEL_UNIT } from '@/core/units/constants';
import { FactField } from '../../fields/fact-field';
import { useJob } from '../../job/provider';
import { useSentJob } from '../../job/use-sent-job';
import { DeferBelowFold } from '../../loading/defer-below-fold';
import { useWeather } from '../../weather/use-weather';
import { BalanceTabs } from '../balance-tabs';
import { BinsChart } from './bins-chart';
import { LockoutPlans } from './lockout-plans';
import { MinuteWords } from './minute-words';
import { useHourly } from './use-hourly';
import { useMinutes } from './use-minutes';
import { WeatherPicker } from './weather-picker';
import { YearSummary } from './year-summary';
import { YearTask } from './year-task';

const METHODS = { bins: 'By bins', hourly: 'Hour by hour', minutes: 'Minute by minute' } as const;
type Method = keyof typeof METHODS;

const PRICE_FACTS: readonly FactPath[] = [
  'prices.electricPerKWh',
  'prices.byHour',
  'prices.peakPerKWh',
  'prices.peakFromHour',
  'prices.peakToHour',
  'prices.demandPerKW',
  'prices.fuelPerUnit',
  'year.electricKgPerKWh',
  'year.fuelKgPerUnit',
];

/** A year of the job under each lockout plan. */
export const YearPage = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const facts = useJob((job) => job.facts);
  const [method, setMethod] = useState<Method>('bins');
  const weather = useWeather(facts.year.weather, brought);
  const ways = useMemo(() => jobPlans(facts), [facts]);
  const peak = useMemo(() => jobPeak({ prices: facts.prices }), [facts.prices]);
  const bins = useMemo(
    () => (weather.hoursF === null ? null : binned(weather.hoursF, BIN_WIDTH_F, peak)),
    [weather.hoursF, peak],
  );
  const byBins = useMemo(() => (bins === null ? null : comparePlans(facts, ways, bins)), [facts, ways, bins]);
  const sent = useSentJob();
  const { hoursF, humidity } = weather;
  const hours = useMemo(() => (hoursF === null ? null : { hoursF, humidity }), [hoursF, humidity]);
  const hourly = useHourly(method === 'hourly', facts, ways, hoursF);
  const minutes = useMinutes(method === 'minutes', sent, ways, hours);
  const work = method === 'minutes' ? minutes : hourly;
  const worked = method === 'minutes' ? minutes.answer?.compared : method === 'hourly' ? hourly.answer : null;
  const compared = worked ?? byBins;
  const isOld = method !== 'bins' && work.answer !== null && !work.isCurrent;
  const backup = backupOf(facts);
  const fuelUnit = backup === 'fossil' ? FUEL_UNIT[facts.furnace.fuel] : null;

  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <BalanceTabs />
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="Weather and prices">
          <h2 className="section-head">Weather</h2>
          <WeatherPicker brought={brought} />
          <h2 className="mt-5 mb-1 section-head">Prices</h2>
          {PRICE_FACTS.filter((path) => factApplies(facts, path)).map((path) => (
            <FactField key={path} path={path} />
          ))}
        </section>
        <section aria-label="A year" aria-busy={isOld}>
          <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink">
            <h2 className="part-head">A year in {weather.name}</h2>
            <div role="group" aria-label="Method" className="flex">
              {(Object.keys(METHODS) as Method[]).map((each) => (
                <button
                  key={each}
                  type="button"
                  aria-pressed={method === each}
                  className="min-h-11 px-3 text-sm aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
                  onClick={() => setMethod(each)}
                >
                  {METHODS[each]}
                </button>
              ))}
            </div>
          </div>
          {method !== 'bins' && <YearTask work={work} />}
          {weather.problem && (
            <p role="alert" className="mt-2 border-l-4 border-fail pl-3">
              {weather.problem}
            </p>
          )}
          {compared ? (
            <div
              className={`mt-3 grid gap-x-8 gap-y-4 xl:grid-cols-[19rem_minmax(0,1fr)] ${isOld ? 'opacity-60' : ''}`}
            >
              <YearSummary year={compared[0]!.year} fuelUnit={fuelUnit} />
              <DeferBelowFold>
                <BinsChart year={compared[0]!.year} />
              </DeferBelowFold>
            </div>
          ) : (
            !weather.problem && <p className="mt-4 min-h-64 text-quiet">Fetching the hours …</p>
          )}
          {method === 'minutes' && minutes.answer && minutes.isCurrent && (
            <MinuteWords
              stands={minutes.answer.compared[0]!}
              byBins={byBins?.[0]?.year.cost ?? null}
              reasons={minutes.answer.reasons}
              isWhole={minutes.isWhole}
            />
          )}
        </section>
      </div>
      <DeferBelowFold>
        {compared && <LockoutPlans plans={ways} compared={compared} isOld={isOld} fuelUnit={fuelUnit} />}
      </DeferBelowFold>
    </div>
  );
};
