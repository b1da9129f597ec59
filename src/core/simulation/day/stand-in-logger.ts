import { chance } from '../../units/chance';
import { roundTo } from '../../units/round';
import type { HourlyWeather } from '../weather/weather';
import { simulateDays } from './simulated-days';
import { type DayJob, prepareAsSet, type Variant } from './variant';

/** Interval between lines, min. */
const EVERY_MIN = 10;
const DAYS = 3;
/** Loss and mass of the simulated house relative to the Survey's. */
const HIDDEN = { loss: 1.12, mass: 1.4 } as const;
const NOISE_F = 0.3;

const two = (value: number) => String(value).padStart(2, '0');

/**
 * A simulated logger's file for a house a little leakier and heavier than the Survey says, to try the page with. The
 * same job gives the same file.
 */
export const simulatedLogger = (job: DayJob, weather: HourlyWeather, day: number): string => {
  const hidden: Variant = {
    id: 'logged',
    label: '',
    about: '',
    group: 'as set now',
    applies: () => true,
    prepare: (of) => {
      const prepared = prepareAsSet(of);
      const { thermal } = prepared.parts;
      return {
        ...prepared,
        schedule: { ...prepared.schedule, kind: 'night', setbackF: 6 },
        parts: {
          ...prepared.parts,
          thermal: {
            ...thermal,
            lossBtuhPerF: thermal.lossBtuhPerF * HIDDEN.loss,
            massBtuPerF: thermal.massBtuPerF * HIDDEN.mass,
          },
        },
      };
    },
  };
  const { run } = simulateDays(job, hidden, weather, { day, minutes: DAYS * 1440, stepMin: 1 });
  const { trace } = run;
  const next = chance(day + 1);
  const mostStage = Math.max(1, ...trace.compressorStage);
  const mostStripsKW = Math.max(1e-9, ...trace.stripsKW);
  const mean = (of: (tick: number) => number, from: number) =>
    Array.from({ length: EVERY_MIN }, (_, at) => of(from + at)).reduce((sum, each) => sum + each, 0) / EVERY_MIN;
  const lines = Array.from({ length: (DAYS * 1440) / EVERY_MIN }, (_, at) => {
    const tick = at * EVERY_MIN;
    const heats = (each: number) => (trace.inDefrost[each] ? 0 : trace.compressorStage[each]! / mostStage);
    const backup = (each: number) => Math.max(trace.stripsKW[each]! / mostStripsKW, trace.furnaceStage[each]!);
    const date = `2026-01-${two(10 + Math.floor(tick / 1440))} ${two(Math.floor((tick % 1440) / 60))}:${two(tick % 60)}`;
    return [
      date,
      roundTo(trace.roomF[tick]! + NOISE_F * (next() - 0.5), 1),
      roundTo(trace.outdoorF[tick]!, 1),
      `${Math.round(100 * mean(heats, tick))}%`,
      `${Math.round(100 * mean(backup, tick))}%`,
    ].join(',');
  });
  return ['time,room °F,outdoor °F,compressor,aux', ...lines].join('\n');
};
