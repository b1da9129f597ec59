'use client';

import { proxy } from 'comlink';
import { useState } from 'react';
import type { BoardMonth } from '@/core/simulation/day/board-months';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { SentJob } from '@/workers/day.worker';
import { type StartWork, useLongWork } from '../../loading/use-long-work';
import { startDayWorker } from '../day-worker';

interface Asked {
  readonly sent: SentJob;
  readonly weather: HourlyWeather;
  readonly day: number;
}

const begin: StartWork<Asked, readonly BoardMonth[]> = ({ sent, weather, day }, { onShare, onAnswer }) => {
  const worker = startDayWorker();
  void worker.remote.boards(sent, weather, day, proxy(onShare)).then((months) => {
    onAnswer(months, true);
    worker.end();
  });
  return worker.end;
};

/** A month under each board, calculated on request, with progress and cancel. */
export const useBoards = (sent: SentJob, weather: HourlyWeather | null, day: number) => {
  const [asked, setAsked] = useState<Asked | null>(null);
  const { answer, isWhole, share, cancel } = useLongWork(asked, begin, 0);
  const isOfThis = asked?.sent === sent && asked.weather === weather && asked.day === day;
  return {
    months: answer,
    isCurrent: isOfThis && isWhole,
    share,
    ask: () => {
      if (weather) setAsked({ sent, weather, day });
    },
    cancel,
  };
};
