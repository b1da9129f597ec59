'use client';

import { ChevronLeft, ChevronRight, Pause, Play, SkipBack, SkipForward } from 'lucide-react';
import { useEffect } from 'react';
import type { DayEvent } from '@/core/simulation/day/day-events';
import { LabeledSelect } from '../kit/labeled-select';
import { useCursor } from './cursor';
import { nearEvent } from './strip';

/** Minutes of the run per second. */
const SPEEDS = [
  { value: 1, label: '1 min/s' },
  { value: 10, label: '10 min a second' },
  { value: 60, label: '1 h/s' },
  { value: 600, label: '10 hours a second' },
] as const;

interface PlayerProps {
  readonly minutes: number;
  readonly stepMin: number;
  readonly events: readonly DayEvent[];
  readonly speed: number;
  readonly onSpeed: (speed: number) => void;
  readonly onMove: (atMin: number) => void;
}

/** Plays the cursor, and steps it by minute and event. */
export const Player = ({ minutes, stepMin, events, speed, onSpeed, onMove }: PlayerProps) => {
  const atMin = useCursor((cursor) => cursor.atMin);
  const isPlaying = useCursor((cursor) => cursor.speed !== null);
  const play = useCursor((cursor) => cursor.play);
  const last = minutes - stepMin;
  useEffect(() => {
    if (!isPlaying) return;
    let before = performance.now();
    let at = useCursor.getState().atMin;
    let frame = requestAnimationFrame(function next(now) {
      at = Math.min(last, at + ((now - before) / 1000) * speed);
      before = now;
      const whole = Math.floor(at / stepMin) * stepMin;
      if (whole !== useCursor.getState().atMin) onMove(whole);
      if (at >= last) return play(null);
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [isPlaying, speed, last, stepMin, onMove, play]);
  // Pauses when leaving the page.
  useEffect(() => () => play(null), [play]);
  const step = (isNext: boolean) => {
    const event = nearEvent(events, atMin, isNext);
    if (event) onMove(event.atMin);
  };
  return (
    <div className="no-print flex flex-wrap items-center sm:gap-x-1 max-sm:w-full">
      <button type="button" className="bare-button" aria-label="Previous event" onClick={() => step(false)}>
        <SkipBack size={20} aria-hidden />
      </button>
      <button
        type="button"
        className="bare-button"
        aria-label="Previous minute"
        onClick={() => onMove(Math.max(0, atMin - 1))}
      >
        <ChevronLeft size={22} aria-hidden />
      </button>
      <button
        type="button"
        className="strong-button w-28 max-sm:w-14 max-sm:px-0"
        onClick={() => {
          if (atMin >= last) onMove(0);
          play(isPlaying ? null : speed);
        }}
      >
        {isPlaying ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
        <span className="max-sm:sr-only">{isPlaying ? 'Stop' : 'Play'}</span>
      </button>
      <button
        type="button"
        className="bare-button"
        aria-label="Next minute"
        onClick={() => onMove(Math.min(last, atMin + 1))}
      >
        <ChevronRight size={22} aria-hidden />
      </button>
      <button type="button" className="bare-button" aria-label="Next event" onClick={() => step(true)}>
        <SkipForward size={20} aria-hidden />
      </button>
      <div className="flex min-w-0 flex-1 basis-24 items-center text-sm sm:flex-none sm:basis-auto">
        <LabeledSelect
          label="Speed"
          place="hidden"
          className="w-full min-w-0"
          value={speed}
          options={SPEEDS}
          onChoose={onSpeed}
        />
      </div>
    </div>
  );
};
