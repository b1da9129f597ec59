'use client';

import { Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';

/** Seconds since the call: drag, or play. */
export const SecondSlider = ({
  seconds,
  mostS,
  onChange,
}: {
  seconds: number;
  mostS: number;
  onChange: (seconds: number) => void;
}) => {
  const [isRunning, setRunning] = useState(false);
  const isOver = seconds >= mostS;
  useEffect(() => {
    if (!isRunning || isOver) return;
    const timer = setTimeout(() => onChange(seconds + 1), 1000);
    return () => clearTimeout(timer);
  }, [isRunning, isOver, seconds, onChange]);
  return (
    <div className="flex items-center gap-3">
      <button
        type="button"
        className="plain-button"
        aria-label={isRunning && !isOver ? 'Stop the clock' : 'Start the clock'}
        onClick={() => {
          if (isOver) onChange(0);
          setRunning(isOver || !isRunning);
        }}
      >
        {isRunning && !isOver ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
      </button>
      <input
        type="range"
        aria-label="Seconds since the call"
        min={0}
        max={mostS}
        value={seconds}
        onChange={(event) => onChange(Number(event.target.value))}
        className="h-11 min-w-0 flex-1 accent-[var(--ink)]"
      />
      <span className="w-20 text-right font-mono text-2xl font-semibold">
        {seconds}
        <span className="text-sm font-normal text-quiet"> s</span>
      </span>
    </div>
  );
};
