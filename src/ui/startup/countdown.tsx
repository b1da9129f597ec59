'use client';

import { Play, RotateCcw } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Wait } from '@/core/startup/step';
import { LocalizedDegrees } from '../degrees/degrees';
import { Why } from '../kit/why';
import { KEYS } from '../storage/keys';

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** A named countdown that continues through a reload. */
export const Countdown = ({ name, wait }: { name: string; wait: Wait }) => {
  const key = KEYS.countdown(name);
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    const kept = Number(localStorage.getItem(key));
    // Stored state is only known once the page runs on the device.
    if (kept > 0) {
      setStartedAt(kept); // eslint-disable-line react-hooks/set-state-in-effect
      setNow(Date.now());
    }
  }, [key]);
  const left = startedAt === null ? wait.seconds : Math.max(0, Math.ceil(wait.seconds - (now - startedAt) / 1000));
  const isRunning = startedAt !== null && left > 0;
  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, [isRunning]);
  const start = () => {
    const at = Date.now();
    localStorage.setItem(key, String(at));
    setStartedAt(at);
    setNow(at);
  };
  const clear = () => {
    localStorage.removeItem(key);
    setStartedAt(null);
  };
  return (
    <div className="flex min-h-12 items-center gap-3 border-b border-line py-1">
      <span
        role="timer"
        aria-label={wait.label}
        className={`w-20 font-mono text-2xl font-semibold ${startedAt !== null && left === 0 ? 'text-pass' : ''}`}
      >
        {clock(left)}
      </span>
      <span className="min-w-0 flex-1">
        {wait.label}{' '}
        <Why>
          <LocalizedDegrees>{wait.why}</LocalizedDegrees>
        </Why>
        {startedAt !== null && left === 0 && <span className="font-semibold text-pass"> done</span>}
      </span>
      {startedAt === null ? (
        <button type="button" className="plain-button" onClick={start} aria-label={`Start ${wait.label}`}>
          <Play size={18} aria-hidden /> Start
        </button>
      ) : (
        <button type="button" className="bare-button" onClick={clear} aria-label={`Reset ${wait.label}`}>
          <RotateCcw size={18} aria-hidden />
        </button>
      )}
    </div>
  );
};
