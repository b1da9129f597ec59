'use client';

import { useMemo } from 'react';
import type { Magnified } from '@/core/simulation/day/magnified';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { DayWorker, SentJob } from '@/workers/day.worker';
import { useWorkerTask } from '../../loading/use-worker-task';
import { workerTask } from '../../loading/worker-task';
import { useCursor } from '../cursor';
import { startDayWorker } from '../day-worker';

interface Asked {
  readonly sent: SentJob;
  readonly id: string;
  readonly weather: HourlyWeather;
  readonly day: number;
}

interface Answer {
  /** Null: there is none. */
  readonly magnified: Magnified | null;
}

const begin = workerTask<Asked, Answer, DayWorker>(
  startDayWorker,
  async (remote, { sent, id, weather, day }, { onAnswer }) => {
    const magnified = await remote.magnify(sent, id, weather, day);
    onAnswer({ magnified }, true);
    useCursor.getState().go(magnified?.beginsMin ?? 0);
  },
);

/** One defrost of a plan: `magnified` is undefined while calculating, null if there is none. */
export const useMagnified = (sent: SentJob, id: string, weather: HourlyWeather | null, day: number) => {
  const asked = useMemo(() => (weather === null ? null : { sent, id, weather, day }), [sent, id, weather, day]);
  const { answer, hasFailed, again } = useWorkerTask(asked, begin, 0);
  return { magnified: answer?.magnified, hasFailed, again };
};
