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

/** A way with its year by the minute. */
export interface MinutePlan extends ComparedPlan {
  readonly minutes: MinuteYear;
}

/** Which minutes of a year are lived: twelve days that mean their months, or all of them. */
export type MinuteExtent = 'typical' | 'all';

const YEAR_DAYS = 365;
/** A typical day begins from a house that has lived half a day of it. */
const LEAD_MIN = 720;

/**
 * A year by the minute.
 * @param onShare called now and then with how far it is, from 0 to 1
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

/** The job as set now and under each way, by the minute. */
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
