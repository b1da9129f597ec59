'use client';

import { useMemo } from 'react';
import type { Magnified } from '@/core/simulation/day/magnified';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import type { SentJob } from '@/workers/day.worker';
import { type StartWork, useLongWork } from '../../loading/use-long-work';
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

const begin: StartWork<Asked, Answer> = ({ sent, id, weather, day }, { onAnswer }) => {
  const worker = startDayWorker();
  void worker.remote.magnify(sent, id, weather, day).then((magnified) => {
    onAnswer({ magnified }, true);
    useCursor.getState().go(magnified?.beginsMin ?? 0);
    worker.end();
  });
  return worker.end;
};

/** One defrost of a plan; undefined while calculating, null if there is none. */
export const useMagnified = (sent: SentJob, id: string, weather: HourlyWeather | null, day: number) => {
  const asked = useMemo(() => (weather === null ? null : { sent, id, weather, day }), [sent, id, weather, day]);
  const { answer } = useLongWork(asked, begin, 0);
  return answer?.magnified;
};
