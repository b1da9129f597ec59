'use client';

import { useEffect, useMemo, useState } from 'react';
import type { DaySpan } from '@/core/simulation/lived';
import type { HourlyWeather } from '@/core/simulation/weather';
import type { DayAnswer, SentJob } from '@/workers/day.worker';
import { startDayWorker } from '../day-worker';

/** A drag that goes on starts nothing new. */
const SETTLE_MS = 120;

/**
 * Days lived in each way, from a worker. The last answer stays until the next is there.
 * @param ids ways, comma between
 */
export const useLived = (
  sent: SentJob,
  ids: string,
  weather: HourlyWeather | null,
  { day, minutes, stepMin }: DaySpan,
) => {
  const asked = useMemo(
    () => (weather === null ? null : { sent, ids: ids.split(','), weather, span: { day, minutes, stepMin } }),
    [sent, ids, weather, day, minutes, stepMin],
  );
  const [answer, setAnswer] = useState<{ readonly to: typeof asked; readonly answer: DayAnswer } | null>(null);
  useEffect(() => {
    if (asked === null) return;
    let end = () => undefined as void;
    const timer = setTimeout(() => {
      const worker = startDayWorker();
      end = worker.end;
      void worker.remote.live(asked.sent, asked.ids, asked.weather, asked.span).then((next) => {
        setAnswer({ to: asked, answer: next });
        worker.end();
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      end();
    };
  }, [asked]);
  return { answer: answer?.answer ?? null, isWorking: answer?.to !== asked };
};
