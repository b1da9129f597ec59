'use client';

import { proxy } from 'comlink';
import { useState } from 'react';
import type { BoardMonth } from '@/core/simulation/day/board-months';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { DayWorker, SentJob } from '@/workers/day.worker';
import { useWorkerTask } from '../../loading/use-worker-task';
import { workerTask } from '../../loading/worker-task';
import { startDayWorker } from '../day-worker';

interface Asked {
  readonly sent: SentJob;
  readonly weather: HourlyWeather;
  readonly day: number;
}

const begin = workerTask<Asked, readonly BoardMonth[], DayWorker>(
  startDayWorker,
  async (remote, { sent, weather, day }, { onShare, onAnswer }) =>
    onAnswer(await remote.boards(sent, weather, day, proxy(onShare)), true),
);

/** A month under each board, calculated on request, with progress and cancel. */
export const useBoards = (sent: SentJob, weather: HourlyWeather | null, day: number) => {
  const [asked, setAsked] = useState<Asked | null>(null);
  const { answer, isWhole, hasFailed, share, cancel } = useWorkerTask(asked, begin, 0);
  const isOfThis = asked?.sent === sent && asked.weather === weather && asked.day === day;
  return {
    months: answer,
    isCurrent: isOfThis && isWhole,
    hasFailed,
    share,
    ask: () => {
      if (weather) setAsked({ sent, weather, day });
    },
    cancel,
  };
};
