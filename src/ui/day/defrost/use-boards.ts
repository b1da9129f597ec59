'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import type { BoardMonth } from '@/core/simulation/board-months';
import type { HourlyWeather } from '@/core/simulation/weather';
import type { SentJob } from '@/workers/day.worker';
import { startDayWorker } from '../../day-worker';

interface Asked {
  readonly sent: SentJob;
  readonly weather: HourlyWeather;
  readonly day: number;
}

/** A month under each board, worked out when it is asked for; with progress, and an end. */
export const useBoards = (sent: SentJob, weather: HourlyWeather | null, day: number) => {
  const [asked, setAsked] = useState<Asked | null>(null);
  const [answer, setAnswer] = useState<{ readonly to: Asked; readonly months: readonly BoardMonth[] } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  useEffect(() => {
    if (asked === null) return;
    const worker = startDayWorker();
    // Progress may come in after the answer: by then it says nothing.
    const onShare = (next: number) => setShare((now) => (now === null ? null : next));
    void worker.remote.boards(asked.sent, asked.weather, asked.day, proxy(onShare)).then((months) => {
      setAnswer({ to: asked, months });
      setShare(null);
      worker.end();
    });
    return () => {
      worker.end();
      setShare(null);
    };
  }, [asked]);
  const isOf = (to: Asked | undefined) => to?.sent === sent && to.weather === weather && to.day === day;
  return {
    months: answer?.months ?? null,
    isCurrent: isOf(answer?.to),
    share,
    ask: useCallback(() => {
      if (!weather) return;
      setShare(0);
      setAsked({ sent, weather, day });
    }, [sent, weather, day]),
    cancel: useCallback(() => setAsked(null), []),
  };
};
