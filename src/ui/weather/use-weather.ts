'use client';

import { useEffect, useMemo, useState } from 'react';
import { climateById } from '@/core/balance/year/climates';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { isBundledYear, yearHours } from '../offline/years';

/** A job's year of weather, and its hours once loaded. */
export interface ChosenWeather {
  readonly name: string;
  readonly about: string;
  readonly hoursF: Float64Array | null;
  /** Humidity of the same hours; null: not loaded, or unknown. */
  readonly humidity: Float64Array | null;
  readonly problem: string | null;
}

/** Hours of a bundled climate, or of an imported year, from the device or the server. */
export const useWeather = (id: string, brought: readonly StoredWeather[]): ChosenWeather => {
  const stored = brought.find((each) => each.id === id);
  const isBundled = isBundledYear(id);
  const bundled = useMemo(() => (isBundled ? climateById(id) : null), [id, isBundled]);
  const bundledHours = useMemo(() => bundled?.hoursF() ?? null, [bundled]);
  const bundledHumidity = useMemo(() => bundled?.humidity() ?? null, [bundled]);
  const [got, setGot] = useState<{
    readonly id: string;
    readonly hoursF: Float64Array | null;
    readonly humidity: Float64Array | null;
    readonly problem: string | null;
  } | null>(null);
  useEffect(() => {
    if (isBundled) return;
    let isWanted = true;
    void yearHours(id).then((answer) => {
      if (!isWanted) return;
      setGot(
        answer.kind === 'ok'
          ? {
              id,
              hoursF: Float64Array.from(answer.value.hoursF),
              humidity: answer.value.humidity && Float64Array.from(answer.value.humidity),
              problem: null,
            }
          : {
              id,
              hoursF: null,
              humidity: null,
              problem:
                answer.kind === 'lost'
                  ? 'The server is not responding; its hours are not here. Choose a bundled climate in the meantime.'
                  : answer.error,
            },
      );
    });
    return () => {
      isWanted = false;
    };
  }, [id, isBundled]);
  if (bundled)
    return { name: bundled.name, about: bundled.about, hoursF: bundledHours, humidity: bundledHumidity, problem: null };
  const here = got?.id === id ? got : null;
  return {
    name: stored?.name ?? 'Weather',
    about: stored && stored.filled > 0 ? `${stored.filled} hours filled.` : 'Imported.',
    hoursF: here?.hoursF ?? null,
    humidity: here?.humidity ?? null,
    problem: here?.problem ?? null,
  };
};
