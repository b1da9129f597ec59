'use client';

import { useState } from 'react';
import type { ReadingValue } from '@/core/job/reading';
import type { PlannedItem } from '@/core/startup/planned';
import { type ReadingDetails, useSaveReading } from '../job/use-save-reading';

/** Arrow-key steps, and accepted values, by unit. */
const STEPS: Record<string, number> = {
  V: 1,
  A: 0.1,
  Ω: 0.1,
  '°F': 0.5,
  'in. w.c.': 0.01,
  min: 0.5,
  µA: 0.1,
  '%': 0.1,
};
const LEAST: Record<string, number> = { '°F': -60, 'in. w.c.': -5 };
const MOST: Record<string, number> = {
  V: 1000,
  A: 400,
  Ω: 100_000,
  '°F': 1500,
  'in. w.c.': 30,
  min: 120,
  s: 3600,
  '%': 100,
  µA: 100,
  ppm: 50_000,
  psi: 1000,
  MΩ: 10_000,
};

/** One startup item in progress: why it is blocked, clamp place, present reading, and field props. */
export const useItem = ({ key, item, reading, expected: planned, verdict, isLiveAgain, heldShut }: PlannedItem) => {
  const keepReading = useSaveReading(key, item.of);
  const [openedAt] = useState(() => Date.now());
  const [chosen, setChosen] = useState<string | null>(null);
  // A place that the item no longer has, as after a lockout was moved, is where it was once done.
  const stands = item.places?.some(({ id }) => id === reading?.place) ? reading?.place : undefined;
  const place = chosen ?? stands ?? item.places?.[0]?.id ?? null;
  const keep = (value: ReadingValue, at = place, beside?: ReadingDetails) => keepReading(value, at, beside);
  const value = typeof reading?.value === 'number' || reading?.value === 'OL' ? reading.value : null;
  return {
    blocked: heldShut,
    keep,
    leads: {
      of: item.of,
      unit: item.unit,
      words: item.label,
      isLine: item.of?.observable.kind === 'line-volts',
    },
    openedAt,
    place,
    setPlace: (next: string) => {
      setChosen(next);
      if (typeof reading?.value === 'number' && next !== reading.place)
        keep(reading.value, next, { instrument: reading.instrument, meterOhms: reading.meterOhms });
    },
    expected: chosen === null ? planned : item.expect(place),
    isDone: reading?.value === 'done' && verdict !== undefined && !isLiveAgain,
    field: {
      name: key,
      value,
      none: 'read',
      unit: item.unit,
      isDifference: item.isDifference,
      step: STEPS[item.unit] ?? 1,
      min: LEAST[item.unit] ?? 0,
      max: MOST[item.unit] ?? 1e6,
      takesOpen: item.unit === 'Ω',
      onCommit: (next: number | 'OL' | null) => {
        if (next !== null && next !== value) keep(next);
      },
    },
  };
};
