'use client';

import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { LockoutPlan } from '@/core/setup/ways/way';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { MinuteReason } from '@/core/simulation/year/minute-reasons';
import type { MinutePlan } from '@/core/simulation/year/minute-ways';
import type { SentJob } from '@/workers/day.worker';
import { type StartWork, useLongWork } from '../../loading/use-long-work';
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
const begin: StartWork<Asked, Answer> = ({ sent, ways, weather }, { onShare, onAnswer }) => {
  const worker = startDayWorker();
  const work = async () => {
    const typical = await worker.remote.compareMinutes(sent, ways, weather, 'typical', proxy(onShare));
    onAnswer({ compared: typical, reasons: [] }, false);
    const reasons = await worker.remote.reasons(sent, weather);
    onAnswer({ compared: typical, reasons }, false);
    const compared = await worker.remote.compareMinutes(sent, ways, weather, 'all', proxy(onShare));
    onAnswer({ compared, reasons }, true);
    worker.end();
  };
  void work();
  return worker.end;
};

/** Plans minute by minute, from a worker. */
export const useMinutes = (
  isWanted: boolean,
  sent: SentJob,
  ways: readonly LockoutPlan[],
  weather: HourlyWeather | null,
) =>
  useLongWork(
    useMemo(() => (isWanted && weather !== null ? { sent, ways, weather } : null), [isWanted, sent, ways, weather]),
    begin,
  );
