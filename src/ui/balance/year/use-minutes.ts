'use client';

import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { LockoutPlan } from '@/core/setup/ways/way';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { MinuteReason } from '@/core/simulation/year/minute-reasons';
import type { MinutePlan } from '@/core/simulation/year/minute-ways';
import type { DayWorker, SentJob } from '@/workers/day.worker';
import { useWorkerTask } from '../../loading/use-worker-task';
import { workerTask } from '../../loading/worker-task';
import { startDayWorker } from '../../simulate/day-worker';

interface Asked {
  readonly sent: SentJob;
  readonly ways: readonly LockoutPlan[];
  readonly weather: HourlyWeather;
}

/** Plans by the minute, and results that only minutes give. */
interface Answer {
  readonly compared: readonly MinutePlan[];
  readonly reasons: readonly MinuteReason[];
}

/** Twelve representative days first, for a quick result; then every minute. */
const begin = workerTask<Asked, Answer, DayWorker>(
  startDayWorker,
  async (remote, { sent, ways, weather }, { onShare, onAnswer }) => {
    const typical = await remote.compareMinutes(sent, ways, weather, 'typical', proxy(onShare));
    onAnswer({ compared: typical, reasons: [] }, false);
    const reasons = await remote.reasons(sent, weather);
    onAnswer({ compared: typical, reasons }, false);
    const compared = await remote.compareMinutes(sent, ways, weather, 'all', proxy(onShare));
    onAnswer({ compared, reasons }, true);
  },
);

/** Plans minute by minute, from a worker. */
export const useMinutes = (
  isWanted: boolean,
  sent: SentJob,
  ways: readonly LockoutPlan[],
  weather: HourlyWeather | null,
) =>
  useWorkerTask(
    useMemo(() => (isWanted && weather !== null ? { sent, ways, weather } : null), [isWanted, sent, ways, weather]),
    begin,
  );
