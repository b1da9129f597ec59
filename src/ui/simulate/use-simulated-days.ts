'use client';

import { useMemo } from 'react';
import type { DaySpan } from '@/core/simulation/day/simulated-days';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { DayAnswer, DayWorker, SentJob } from '@/workers/day.worker';
import { useWorkerTask } from '../loading/use-worker-task';
import { workerTask } from '../loading/worker-task';
import { startDayWorker } from './day-worker';

/** A day is calculated at once, after a drag or key rests. */
const SETTLE_MS = 120;

interface Asked {
  readonly sent: SentJob;
  readonly ids: readonly string[];
  readonly weather: HourlyWeather;
  readonly span: DaySpan;
}

const begin = workerTask<Asked, DayAnswer, DayWorker>(
  startDayWorker,
  async (remote, { sent, ids, weather, span }, { onAnswer }) =>
    onAnswer(await remote.live(sent, ids, weather, span), true),
);

/**
 * Days simulated under each plan, from a worker. The last answer stays until the next.
 * @param ids plans, separated by commas
 */
export const useSimulatedDays = (
  sent: SentJob,
  ids: string,
  weather: HourlyWeather | null,
  { day, minutes, stepMin }: DaySpan,
) => {
  const asked = useMemo(
    () => (weather === null ? null : { sent, ids: ids.split(','), weather, span: { day, minutes, stepMin } }),
    [sent, ids, weather, day, minutes, stepMin],
  );
  const { answer, isWhole, hasFailed, again } = useWorkerTask(asked, begin, SETTLE_MS);
  return { answer, isWorking: !isWhole && !hasFailed, hasFailed, again };
};
