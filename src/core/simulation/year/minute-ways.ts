import { lockoutsInForce } from '../../control/lockouts';
import { changesBetween, factsUnder } from '../../setup/ways/apply';
import type { ComparedPlan } from '../../setup/ways/compare';
import type { LockoutPlan } from '../../setup/ways/way';
import { hourlyTariff } from '../day/day-cost';
import { type DayJob, prepareAsSet, type Prepared, withFacts } from '../day/variant';
import { typicalDays } from '../weather/typical-days';
import type { HourlyWeather } from '../weather/weather';
import { addYears } from './add-years';
import type { MinuteYear } from './minute-book';
import { simulateMinutes } from './minute-year';

/** A plan with its year by the minute. */
export interface MinutePlan extends ComparedPlan {
  readonly minutes: MinuteYear;
}

/** Minutes of a year to simulate: twelve representative days, or all. */
export type MinuteExtent = 'typical' | 'all';

const YEAR_DAYS = 365;
/** Lead-in of a typical day: half a day. */
const LEAD_MIN = 720;

/**
 * A year by the minute.
 * @param onShare called with progress, from 0 to 1
 */
export const minuteYear = (
  prepared: Prepared,
  weather: HourlyWeather,
  extent: MinuteExtent,
  onShare: (share: number) => void = () => undefined,
): MinuteYear => {
  const tariff = hourlyTariff(prepared.parts.system.facts);
  if (extent === 'all') return simulateMinutes(prepared, tariff, weather, { day: 0, days: YEAR_DAYS, onShare });
  const days = typicalDays(weather);
  return addYears(
    days.map(({ day, stands }, at) => {
      onShare(at / days.length);
      return { part: simulateMinutes(prepared, tariff, weather, { day, days: 1, leadMin: LEAD_MIN }), times: stands };
    }),
  );
};

/** The job as set now and under each plan, by the minute. */
export const compareMinutes = (
  job: DayJob,
  ways: readonly LockoutPlan[],
  weather: HourlyWeather,
  extent: MinuteExtent,
  onShare: (share: number) => void = () => undefined,
): MinutePlan[] => {
  const { facts, crossing } = job.model;
  return [null, ...ways].map((way, at): MinutePlan => {
    const under = way === null ? facts : factsUnder(facts, way, crossing);
    const minutes = minuteYear(prepareAsSet(withFacts(job, under)), weather, extent, (share) =>
      onShare((at + share) / (ways.length + 1)),
    );
    return {
      name: way?.name ?? 'As set now',
      way,
      ...lockoutsInForce(under),
      year: minutes.year,
      isTaken: changesBetween(facts, under).length === 0,
      minutes,
    };
  });
};
