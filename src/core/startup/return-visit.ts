import { CLIMATES } from '../balance/year/climates';
import type { Facts } from '../job/document';
import type { PlannedStep } from './planned';
import type { WeatherWait } from './step';

/** An item for a return visit. */
export interface ReturnItem {
  readonly step: string;
  /** What remains: a step with its number of open items, or one item. */
  readonly what: string;
  readonly why: string;
  /** When it can be done, in words. */
  readonly due: string;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
/** Days before each month in a year without a leap day. */
const MONTH_STARTS = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365] as const;

/** Whether on half of a month's days an hour meets a condition. */
const isOfSeason = (hoursF: Float64Array, month: number, { weather, atF }: WeatherWait): boolean => {
  const [from, to] = [MONTH_STARTS[month]!, MONTH_STARTS[month + 1]!];
  let days = 0;
  for (let day = from; day < to; day++) {
    const hours = hoursF.subarray(day * 24, day * 24 + 24);
    if (hours.some((atHourF) => (weather === 'warmer' ? atHourF >= atF : atHourF <= atF))) days++;
  }
  return days >= (to - from) / 2;
};

/** Consecutive months, as in "May to Sep"; a season across the new year is one. */
const monthWords = (isIn: readonly boolean[]): string => {
  if (!isIn.includes(true) || !isIn.includes(false)) return isIn.includes(true) ? 'any month' : '';
  const starts = isIn.flatMap((is, month) => (is && !isIn[(month + 11) % 12] ? [month] : []));
  return starts
    .map((start) => {
      let end = start;
      while (isIn[(end + 1) % 12]) end = (end + 1) % 12;
      return start === end ? MONTHS[start]! : `${MONTHS[start]} to ${MONTHS[end]}`;
    })
    .join(', ');
};

/** When the weather a step waits for comes: the temperature, and the months in the job's climate if known. */
const dueWords = ({ year }: Facts, wait: WeatherWait): string => {
  const climate = CLIMATES.find(({ id }) => id === year.weather);
  const hoursF = climate?.hoursF();
  const months = hoursF ? monthWords(MONTHS.map((_, month) => isOfSeason(hoursF, month, wait))) : '';
  const at = `${wait.atF} °F or ${wait.weather === 'warmer' ? 'more' : 'less'} out`;
  return months === '' ? at : `${at}: ${months}`;
};

/**
 * What today's weather or access kept from being proved, with reason and time: steps with open items that wait for
 * weather, and unmeasured items with a reason.
 */
export const returnVisit = (facts: Facts, steps: readonly PlannedStep[]): readonly ReturnItem[] =>
  steps.flatMap(({ step, built, items }): ReturnItem[] => {
    const open = items.filter(({ verdict, leftOut }) => !verdict && !leftOut).length;
    const { waitsFor } = built;
    return [
      ...(waitsFor && open > 0
        ? [
            {
              step: step.id,
              what: `${step.title}: ${open} of ${items.length} still to read`,
              why: waitsFor.why,
              due: dueWords(facts, waitsFor),
            },
          ]
        : []),
      ...items.flatMap(({ item, leftOut }) =>
        leftOut
          ? [
              {
                step: step.id,
                what: `${step.title}: ${item.label}`,
                why: leftOut.why,
                due: waitsFor ? dueWords(facts, waitsFor) : 'next visit',
              },
            ]
          : [],
      ),
    ];
  });
