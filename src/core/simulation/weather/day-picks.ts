import type { Facts } from '../../job/document';
import type { HourlyWeather } from './weather';

/** Reason to pick a day. */
export type DayCharacter = 'design' | 'damp' | 'swing' | 'mild' | 'coldest';

/** A picked day of a year. */
export interface DayPick {
  readonly id: DayCharacter;
  readonly label: string;
  readonly about: string;
  /** Day of the year, from 0. */
  readonly day: number;
}

/** Summary of a day's weather. */
export interface DayWeather {
  readonly day: number;
  readonly leastF: number;
  readonly mostF: number;
  readonly meanF: number;
  /** Mean relative humidity, a share of 1; null if the weather has none. */
  readonly humidity: number | null;
}

const HOURS_PER_DAY = 24;

/** Every day of a year. */
export const daysOf = ({ hoursF, humidity }: HourlyWeather): DayWeather[] =>
  Array.from({ length: Math.floor(hoursF.length / HOURS_PER_DAY) }, (_, day) => {
    let [leastF, mostF, sumF, damp] = [Infinity, -Infinity, 0, 0];
    for (let hour = day * HOURS_PER_DAY; hour < (day + 1) * HOURS_PER_DAY; hour++) {
      const value = hoursF[hour]!;
      leastF = Math.min(leastF, value);
      mostF = Math.max(mostF, value);
      sumF += value;
      damp += humidity?.[hour] ?? 0;
    }
    return {
      day,
      leastF,
      mostF,
      meanF: sumF / HOURS_PER_DAY,
      humidity: humidity === null ? null : damp / HOURS_PER_DAY,
    };
  });

/** The closest day. */
const nearest = (days: readonly DayWeather[], miss: (day: DayWeather) => number): DayWeather =>
  days.reduce((best, day) => (miss(day) < miss(best) ? day : best));

/** Temperature with the heaviest frost, °F. */
const DAMP_F = 34;
/** Mean of a mild day, °F. */
const MILD_F = 50;
/** Weight of humidity when picking a damp day: °F of mean temperature per tenth. */
const HUMIDITY_WORTH_F = 20;

/** Days of a year that show different aspects of a job, each once. */
export const dayPicks = (weather: HourlyWeather, { house }: Facts): DayPick[] => {
  const days = daysOf(weather);
  const heating = days.filter(({ meanF }) => meanF < house.noLoadF);
  if (heating.length === 0) return [];
  const designF = house.designOutdoorF;
  const picks: readonly (Omit<DayPick, 'day'> & { readonly miss: (day: DayWeather) => number })[] = [
    {
      id: 'design',
      label: 'Design day',
      about: 'The day closest to design temperature.',
      miss: ({ leastF }) => Math.abs(leastF - designF),
    },
    {
      id: 'damp',
      label: 'Damp, near 34',
      about: 'When the coil frosts fastest.',
      miss: ({ meanF, humidity }) => Math.abs(meanF - DAMP_F) - HUMIDITY_WORTH_F * (humidity ?? 0),
    },
    {
      id: 'swing',
      label: 'Day with the widest swing',
      about: 'Biggest change from dawn to afternoon.',
      miss: ({ leastF, mostF }) => leastF - mostF,
    },
    { id: 'mild', label: 'Mild day', about: 'Short cycles.', miss: ({ meanF }) => Math.abs(meanF - MILD_F) },
    { id: 'coldest', label: 'Coldest day', about: 'The coldest hour of this year.', miss: ({ leastF }) => leastF },
  ];
  return picks.map(({ miss, ...pick }) => ({ ...pick, day: nearest(heating, miss).day }));
};
