'use client';

import { Download, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { jobPeak } from '@/core/balance/year/from-job';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { BIN_WIDTH_F, binned } from '@/core/balance/year/temperatures';
import { factApplies } from '@/core/job/applies';
import { backupOf } from '@/core/job/backup';
import { type FactPath, factValue } from '@/core/job/document';
import { changesToUsePlan } from '@/core/setup/ways/apply';
import { type ComparedPlan, comparePlans, whatMakesDifference } from '@/core/setup/ways/compare';
import { jobPlans, type LockoutPlan, PLANS_BOUNDS, planToRow, presetPlans } from '@/core/setup/ways/way';
import { FUEL_UNIT } from '@/core/units/constants';
import { LocalizedDegrees } from '../../degrees/degrees';
import { FactField } from '../../fields/fact-field';
import { useJob, useJobNow } from '../../job/provider';
import { useSentJob } from '../../job/use-sent-job';
import { download } from '../../kit/download';
import { FailedTask } from '../../kit/failed-task';
import { Progress } from '../../kit/progress';
import { toast } from '../../kit/toast';
import { DeferBelowFold } from '../../loading/defer-below-fold';
import { whenIdle } from '../../loading/idle';
import { useWeather } from '../../weather/use-weather';
import { BalanceTabs } from '../balance-tabs';
import { BinsChart } from './bins-chart';
import { MinuteWords } from './minute-words';
import { useHourly } from './use-hourly';
import { useMinutes } from './use-minutes';
import { PlanDialog } from './way-dialog';
import { PlansTable } from './ways-table';
import { WeatherPicker } from './weather-picker';
import { YearSummary } from './year-summary';

const csv = whenIdle(() => import('@/core/formats/year-csv'));

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

const save = (name: string, text: string) => download(name, new Blob([text], { type: 'text/csv;charset=utf-8' }));

/** A year of the job under each lockout plan. */
export const YearPage = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const setFacts = useJob((job) => job.setFacts);
  const now = useJobNow();
  const [method, setMethod] = useState<Method>('bins');
  const [editing, setEditing] = useState<number | null>(null);
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

  const keepWays = (next: readonly LockoutPlan[]) => setFact('year.ways', next.map(planToRow));
  const take = ({ name, way }: ComparedPlan) => {
    const { facts: before } = now();
    const changes = changesToUsePlan(before, way!);
    setFacts(changes);
    toast(`Used in Setup: ${name}`, {
      action: {
        label: 'Undo',
        onClick: () => setFacts(changes.map(({ path }) => ({ path, value: factValue(before, path) }))),
      },
    });
  };
  const edited = editing === null ? null : (ways[editing] ?? { ...presetPlans(facts)[0]!, name: 'New plan' });
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
          {method !== 'bins' && work.share !== null && (
            <Progress label="Calculating the year" share={work.share} onCancel={work.cancel} />
          )}
          {method !== 'bins' && work.hasFailed && (
            <FailedTask
              words="The year could not be calculated. These figures are by bins or from the last run."
              onAgain={work.again}
            />
          )}
          {method !== 'bins' && work.isCanceled && !work.isWhole && (
            <p className="text-sm">
              Canceled. These figures are by bins, from the last run, or for twelve days only.{' '}
              <button type="button" className="bare-button px-1 text-link" onClick={work.again}>
                Calculate
              </button>
            </p>
          )}
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
        {compared && (
          <section aria-label="Ways" className={`mt-8 ${isOld ? 'opacity-60' : ''}`}>
            <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
              <h2 className="part-head">Lockout plans</h2>
              <span className="flex flex-wrap gap-2">
                {facts.year.ways.length > 0 && (
                  <button
                    type="button"
                    className="bare-button px-2 text-sm text-link"
                    onClick={() => setFact('year.ways', [])}
                  >
                    Reset to the standard plans
                  </button>
                )}
                {ways.length < PLANS_BOUNDS[1] && (
                  <button type="button" className="plain-button" onClick={() => setEditing(ways.length)}>
                    <Plus size={18} aria-hidden /> Add plan
                  </button>
                )}
                <button
                  type="button"
                  className="plain-button"
                  onClick={() => void csv().then(({ yearCsv }) => save('ways-by-bin.csv', yearCsv(compared)))}
                >
                  <Download size={18} aria-hidden /> CSV
                </button>
              </span>
            </div>
            <PlansTable compared={compared} onTake={take} onEdit={setEditing} />
            <ul className="mt-3 border-l-4 border-ink pl-3">
              {whatMakesDifference(compared, fuelUnit).map((sentence) => (
                <li key={sentence}>
                  <LocalizedDegrees>{sentence}</LocalizedDegrees>
                </li>
              ))}
            </ul>
            <p className="mt-3 max-w-prose text-sm text-quiet">
              Heating only. The bin and hourly methods assume a steady setpoint; only the minute method includes setback
              recovery, droop (how far the room falls before backup comes on), starts and real frost. Blower power is
              inside the heat-pump ratings and is added for strips or furnace alone. Defrosts are figured at about four
              minutes each, at the board’s interval, whenever the coil is cold enough; a demand board as frost builds.
            </p>
          </section>
        )}
      </DeferBelowFold>
      {edited && editing !== null && (
        <PlanDialog
          way={edited}
          backup={backup}
          onClose={() => setEditing(null)}
          onRemove={
            editing < ways.length && ways.length > PLANS_BOUNDS[0]
              ? () => {
                  keepWays(ways.filter((_, at) => at !== editing));
                  setEditing(null);
                }
              : null
          }
          onKeep={(way) => {
            keepWays(editing < ways.length ? ways.map((each, at) => (at === editing ? way : each)) : [...ways, way]);
            setEditing(null);
          }}
        />
      )}
    </div>
  );
};
