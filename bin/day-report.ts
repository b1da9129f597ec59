import { CLIMATES } from '../src/core/balance/year/climates';
import type { Parsed } from '../src/core/border/parse';
import { NO_FAULTS, parseScenario, scenarioCode } from '../src/core/control/scenario';
import { dayCsv } from '../src/core/formats/day-csv';
import type { JobFile } from '../src/core/formats/job-file';
import { jobModel } from '../src/core/model/job-model';
import { simulateDays } from '../src/core/simulation/day/simulated-days';
import { variantsOf } from '../src/core/simulation/day/variant';
import type { HourlyWeather } from '../src/core/simulation/weather/weather';
import { dayOfYear } from './day-of-year';
import { optionsOf, refused } from './options';
import { weatherNamed } from './weather-named';

/** Maximum hours of one run: a trace of a month by the minute is 44,640 ticks. */
const MOST_HOURS = 31 * 24;

/** Options of `gate day`. */
interface DayOptions {
  readonly file: string | undefined;
  readonly weather: HourlyWeather;
  /** Days from January 1, from 0. */
  readonly day: number;
  readonly hours: number;
  readonly stepMin: number;
  readonly code: string;
  readonly asFound: boolean;
  readonly csv: boolean;
}

/** Reads the options of `gate day`. */
export const dayOptions = (words: string[], read: (file: string | undefined) => string): Parsed<DayOptions> => {
  const options = optionsOf(words, {
    weather: { type: 'string' },
    from: { type: 'string' },
    hours: { type: 'string' },
    step: { type: 'string' },
    try: { type: 'string' },
    'as-found': { type: 'boolean' },
    csv: { type: 'boolean' },
  });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const { weather = CLIMATES[0]!.id, from = '2026-01-14', hours = '24', step = '60', try: code = '' } = values;
  const day = dayOfYear(from);
  if (day === null) return refused('--from', 'must be a day, such as 2026-01-14');
  const [count, seconds] = [Number(hours), Number(step)];
  if (!Number.isFinite(count) || count <= 0 || count > MOST_HOURS)
    return refused('--hours', `must be hours, up to ${MOST_HOURS}`);
  if (!Number.isFinite(seconds) || seconds < 10 || seconds > 300)
    return refused('--step', 'must be seconds from 10 to 300');
  if (scenarioCode(parseScenario(code)) !== code) return refused('--try', 'must be conditions or faults, ~ between');
  const found = weatherNamed(weather, read);
  if (!found.ok) return found;
  return {
    ok: true,
    value: {
      file: positionals[0],
      weather: found.value,
      day,
      hours: count,
      stepMin: seconds / 60,
      code,
      asFound: values['as-found'] ?? false,
      csv: values.csv ?? false,
    },
  };
};

/** A job's day by the minute: trace, events with reasons, and energy; as planned or as found. */
export const dayReport = (
  { facts, confirmed }: JobFile,
  { weather, day, hours, stepMin, code, asFound, csv }: DayOptions,
): Parsed<unknown> => {
  const model = jobModel(facts, code ? parseScenario(code) : NO_FAULTS);
  const [reason] = model.refused;
  if (reason) return refused(reason.fact ?? 'facts', `${reason.what} ${reason.why} ${reason.fix}`);
  const wired = asFound ? model : { ...model, wall: model.sound };
  const job = { model: wired, confirmed: new Set(confirmed) };
  const { run, events, assumedHumidity } = simulateDays(job, variantsOf(job)[0]!, weather, {
    day,
    minutes: hours * 60,
    stepMin,
  });
  if (csv) return { ok: true, value: dayCsv(run) };
  const { trace, energy } = run;
  const answer = {
    stepMin,
    trace: {
      roomF: [...trace.roomF],
      massF: [...trace.massF],
      outdoorF: [...trace.outdoorF],
      setpointF: [...trace.setpointF],
      supplyF: [...trace.supplyF],
      coilF: [...trace.coilF],
      frostLb: [...trace.frostLb],
      compressorStage: [...trace.compressorStage],
      banksOn: [...trace.banksOn],
      furnaceStage: [...trace.furnaceStage],
      inDefrost: trace.inDefrost,
      signals: trace.signals,
      kW: [...trace.kW],
      fuelBtuh: [...trace.fuelBtuh],
      heatBtuh: [...trace.heatBtuh],
    },
    events: events.map(({ atMin, id, words }) => ({ atMin, id, words })),
    energy,
    ...(assumedHumidity === null ? {} : { assumed: { relativeHumidity: assumedHumidity } }),
  };
  return { ok: true, value: answer };
};
