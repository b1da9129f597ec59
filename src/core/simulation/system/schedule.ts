import { atMost, type SetpointEntry } from '../../control/in-time/program';
import type { Facts } from '../../job/document';
import { DAY_MIN } from '../clock';

/** Hours of the day when people are out, if the talk allows a setback then. Our judgment. */
const AWAY = { fromHour: 8.5, toHour: 16.5 } as const;

/** Input of a day's setpoints. */
export interface Schedule {
  readonly kind: 'steady' | 'night' | 'night-and-away';
  readonly setpointF: number;
  readonly setbackF: number;
  readonly wakeHour: number;
  readonly sleepHour: number;
}

/** A job's schedule, from the talk. */
export const jobSchedule = ({ talk, house }: Facts): Schedule => ({
  kind: talk.schedule,
  setpointF: house.heatSetpointF,
  setbackF: talk.setbackF,
  wakeHour: talk.wakeHour,
  sleepHour: talk.sleepHour,
});

/** One day's changes, hours of the day and °F, from midnight. */
const dayOf = ({ kind, setpointF, setbackF, wakeHour, sleepHour }: Schedule): (readonly [number, number])[] => {
  const lowF = setpointF - setbackF;
  const night = [
    [0, lowF],
    [wakeHour, setpointF],
  ] as const;
  switch (kind) {
    case 'steady':
      return [[0, setpointF]];
    case 'night':
      return [...night, [sleepHour, lowF]];
    case 'night-and-away':
      return [...night, [AWAY.fromHour, lowF], [AWAY.toHour, setpointF], [sleepHour, lowF]];
  }
};

/**
 * Setpoints from a day before the run to a day after it, so that recovery begins in time.
 * @param minutes length of the run, from a midnight
 */
export const setpointsFor = (schedule: Schedule, minutes: number): SetpointEntry[] => {
  const day = dayOf(schedule);
  const entries: SetpointEntry[] = [];
  for (let at = -1; at <= Math.ceil(minutes / DAY_MIN); at++)
    for (const [hour, setpointF] of day)
      if (entries.at(-1)?.setpointF !== setpointF) entries.push({ fromMin: at * DAY_MIN + hour * 60, setpointF });
  return entries;
};

/**
 * The setpoint in effect and the next, by minute; ask in order of time.
 * @param leadMin minutes that the caller's clock started before the run
 */
export const asksOn = (entries: readonly SetpointEntry[], leadMin: number) => {
  const shifted = entries.map(({ fromMin, setpointF }) => ({ fromMin: fromMin + leadMin, setpointF }));
  let at = 0;
  let window = shifted.slice(0, 2);
  return (clockMin: number): readonly SetpointEntry[] => {
    while (at + 1 < shifted.length && atMost(shifted[at + 1]!.fromMin, clockMin)) window = shifted.slice(++at, at + 2);
    return window;
  };
};
