import type { ControlProgram } from '../../control/in-time/program';
import type { Facts } from '../../job/document';
import { roundTo } from '../../units/round';
import { clockAt, dayAt } from '../clock';
import { setpointsFor } from '../system/schedule';
import { ASSUMED_HUMIDITY, type HourlyWeather, weatherFrom } from '../weather/weather';
import { type DayRun, runDay } from './day';
import { type HourlyTariff, hourlyTariff } from './day-cost';
import { type DayEvent, dayEvents } from './day-events';
import { type DaySummary, daySummary } from './day-summary';
import { droopF } from './short-spells';
import { tickCount } from './ticks';
import type { DayJob, Variant } from './variant';

/** Days of a year to simulate, from their first midnight. */
export interface DaySpan {
  /** Day of the year, from 0. */
  readonly day: number;
  readonly minutes: number;
  readonly stepMin: number;
}

/** Simulated days of one variant: the run, its events and its summary. */
export interface SimulatedDay {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly run: DayRun;
  readonly events: readonly DayEvent[];
  readonly summary: DaySummary;
  readonly program: ControlProgram;
  readonly tariff: HourlyTariff;
  readonly droopF: number;
  /** Assumed relative humidity if the weather has none, a share of 1; null if it has. */
  readonly assumedHumidity: number | null;
}

/** Time simulated before the first midnight, so that the house does not start from rest, min. */
const LEAD_MIN = 720;
const HOURS_PER_DAY = 24;

/** Simulates some days of a year for one variant. */
export const simulateDays = (job: DayJob, variant: Variant, weather: HourlyWeather, span: DaySpan): SimulatedDay => {
  const { parts, schedule, acts, mode, coldStartF } = variant.prepare(job);
  const { facts } = parts.system;
  const setpoints = setpointsFor(schedule, span.minutes);
  const startF = coldStartF ?? setpoints[0]!.setpointF;
  const run = runDay(parts, {
    minutes: span.minutes,
    stepMin: span.stepMin,
    mode,
    setpoints,
    weatherAt: weatherFrom(weather, span.day * HOURS_PER_DAY),
    start: { roomF: startF, massF: startF },
    leadMin: coldStartF === null ? LEAD_MIN : 0,
    acts,
  });
  const tariff = hourlyTariff(facts);
  return {
    id: variant.id,
    label: variant.label,
    about: variant.about,
    run,
    events: dayEvents(run, parts.program, facts),
    summary: daySummary(run, facts, parts.program, tariff),
    program: parts.program,
    tariff,
    droopF: droopF(parts.program),
    assumedHumidity: weather.humidity === null ? ASSUMED_HUMIDITY : null,
  };
};

/** First tick in which two runs differ; null if they never do. */
export const firstDifferentTick = (one: DayRun, other: DayRun): number | null => {
  const count = Math.min(tickCount(one), tickCount(other));
  const [a, b] = [one.trace, other.trace];
  for (let tick = 0; tick < count; tick++)
    if (
      a.signals[tick] !== b.signals[tick] ||
      a.compressorStage[tick] !== b.compressorStage[tick] ||
      a.banksOn[tick] !== b.banksOn[tick] ||
      a.furnaceStage[tick] !== b.furnaceStage[tick] ||
      a.setpointF[tick] !== b.setpointF[tick]
    )
      return tick;
  return null;
};

/** Differences below these are ignored: $, °F h, starts. */
const ALIKE = { dollars: 0.05, degreeHours: 0.5 } as const;

const more = (value: number, unit: string, what: string, decimals: number): string | null => {
  const figure = roundTo(Math.abs(value), decimals);
  return figure === 0 ? null : `${figure} ${value > 0 ? 'more' : 'fewer'} ${unit} ${what}`;
};

/** Differences of a run from the first one, in sentences. */
export const differenceFrom = (first: SimulatedDay, other: SimulatedDay, facts: Facts): string[] => {
  const parts = firstDifferentTick(first.run, other.run);
  if (parts === null) return ['The same to the minute.'];
  const atMin = parts * first.run.stepMin;
  const isOneDay = tickCount(first.run) * first.run.stepMin <= 1440;
  const when = isOneDay ? clockAt(atMin) : `day ${dayAt(atMin)}, ${clockAt(atMin)}`;
  const [a, b] = [first.summary, other.summary];
  const fuel = facts.system.backup === 'furnace' ? b.cost.fuelUnits - a.cost.fuelUnits : 0;
  const strips = stripsKWh(other.run) - stripsKWh(first.run);
  const rest = b.cost.kWh - a.cost.kWh - strips;
  const money = b.cost.total - a.cost.total;
  const made = [
    more(strips, 'kWh', 'for strips', 1),
    more(rest, 'kWh', 'for the compressor', 1),
    more(fuel, 'units', 'of fuel', 2),
  ].filter((each) => each !== null);
  const comfort = b.degreeHoursShort - a.degreeHoursShort;
  return [
    `They first differ at ${when}.`,
    Math.abs(money) < ALIKE.dollars
      ? 'The cost is the same.'
      : `$${roundTo(Math.abs(money), 2).toFixed(2)} ${money > 0 ? 'more expensive' : 'cheaper'}${made.length > 0 ? `: ${made.join(', ')}` : ''}.`,
    ...(Math.abs(comfort) < ALIKE.degreeHours
      ? []
      : [`The room is ${comfort > 0 ? 'colder' : 'warmer'} by ${roundTo(Math.abs(comfort), 1)} degree-hours.`]),
    ...(b.defrosts === a.defrosts ? [] : [`${b.defrosts} defrosts versus ${a.defrosts}.`]),
  ];
};

/** Energy of the strips over a run, kWh. */
export const stripsKWh = ({ trace, stepMin }: DayRun): number =>
  (trace.stripsKW.reduce((sum, each) => sum + each, 0) * stepMin) / 60;
