import type { Parsed } from '../src/core/border/parse';
import { parseScenario, scenarioCode, SOUND } from '../src/core/control/scenario';
import { CLIMATES } from '../src/core/crossing/year/climates';
import type { JobFile } from '../src/core/formats/job-file';
import { readWeather } from '../src/core/formats/weather';
import { jobBasis } from '../src/core/model/basis';
import { resolveSettings } from '../src/core/setup/resolve';
import { controlProgram } from '../src/core/simulation/control-program';
import { runDay, type Weather } from '../src/core/simulation/day';
import { dayEvents } from '../src/core/simulation/day-events';
import { optionsOf, refused } from './options';

/** Weather that holds no humidity is taken as this damp, a share of 1. Our judgement. */
const ASSUMED_HUMIDITY = 0.7;
const MINUTES_PER_DAY = 1440;
/** Days that one run takes at most: a trace of a month by the minute is 43,200 ticks. */
const MOST_HOURS = 31 * 24;

/** What `gate day` is asked. */
interface DayOptions {
  readonly file: string | undefined;
  readonly hoursF: ArrayLike<number>;
  readonly fromHour: number;
  readonly hours: number;
  readonly stepMin: number;
  readonly code: string;
}

/** Days from the first of January to a date of a year without a leap day; null: it is none. */
const dayOfYear = (date: string): number | null => {
  const match = /^\d{4}-(\d\d)-(\d\d)$/.exec(date);
  if (!match) return null;
  const at = Date.UTC(2025, Number(match[1]) - 1, Number(match[2]));
  const read = new Date(at);
  if (read.getUTCMonth() + 1 !== Number(match[1]) || read.getUTCDate() !== Number(match[2])) return null;
  return Math.round((at - Date.UTC(2025, 0, 1)) / 86_400_000);
};

/** Reads the options of `gate day`. */
export const dayOptions = (words: string[], read: (file: string | undefined) => string): Parsed<DayOptions> => {
  const options = optionsOf(words, {
    weather: { type: 'string' },
    from: { type: 'string' },
    hours: { type: 'string' },
    step: { type: 'string' },
    try: { type: 'string' },
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
  const climate = CLIMATES.find(({ id }) => id === weather);
  const given = { file: positionals[0], fromHour: day * 24, hours: count, stepMin: seconds / 60, code };
  if (climate) return { ok: true, value: { ...given, hoursF: climate.hoursF() } };
  const found = readWeather(read(weather), weather, {});
  return found.kind === 'read'
    ? { ok: true, value: { ...given, hoursF: found.weather.hoursF } }
    : refused('--weather', found.error);
};

/** A day of a job by the minute: trace, events with their reasons, and energy. */
export const dayReport = ({ facts, confirmed }: JobFile, { hoursF, fromHour, hours, stepMin, code }: DayOptions) => {
  const basis = jobBasis(facts, code ? parseScenario(code) : SOUND);
  const settings = resolveSettings({ facts, confirmed: new Set(confirmed) });
  const at = (hour: number) => hoursF[((hour % hoursF.length) + hoursF.length) % hoursF.length]!;
  const weatherAt = (atMin: number): Weather => {
    const hour = fromHour + atMin / 60;
    const [before, share] = [Math.floor(hour), hour - Math.floor(hour)];
    return {
      outdoorF: at(before) + share * (at(before + 1) - at(before)),
      relativeHumidity: ASSUMED_HUMIDITY,
    };
  };
  const startF = facts.house.heatSetpointF;
  const run = runDay(basis, settings, {
    minutes: (hours * MINUTES_PER_DAY) / 24,
    stepMin,
    mode: 'heat',
    setpoints: [{ fromMin: 0, setpointF: startF }],
    weatherAt,
    start: { roomF: startF, massF: startF },
  });
  return {
    ...run,
    events: dayEvents(run, controlProgram(facts, settings)),
    assumed: { relativeHumidity: ASSUMED_HUMIDITY },
  };
};
