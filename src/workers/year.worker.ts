import { expose } from 'comlink';
import { jobPeak } from '@/core/balance/year/from-job';
import { everyTemperature } from '@/core/balance/year/temperatures';
import { readWeather } from '@/core/formats/weather';
import type { WeatherOptions, WeatherRead } from '@/core/formats/weather/weather-read';
import type { Facts } from '@/core/job/document';
import { asSetNow, type ComparedPlan, comparePlan } from '@/core/setup/ways/compare';
import type { LockoutPlan } from '@/core/setup/ways/way';

type OnShare = (share: number) => void;

const api = {
  /** The job as set now and under each plan, hour by hour. */
  compare: (facts: Facts, ways: readonly LockoutPlan[], hoursF: Float64Array, onShare: OnShare): ComparedPlan[] => {
    const temperatures = everyTemperature(hoursF, jobPeak(facts));
    const compared = [asSetNow(facts, temperatures)];
    for (const way of ways) {
      onShare(compared.length / (ways.length + 1));
      compared.push(comparePlan(facts, way, temperatures));
    }
    return compared;
  },
  /** A parsed weather file. */
  read: (text: string, file: string, options: WeatherOptions, onShare: OnShare): WeatherRead =>
    readWeather(text, file, options, onShare),
};

/** API of the year worker. */
export type YearWorker = typeof api;

expose(api);
