'use client';

import { Trash2 } from 'lucide-react';
import { climateById, CLIMATES } from '@/core/balance/year/climates';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { LocalizedDegrees } from '../../degrees/degrees';
import { useJob } from '../../job/provider';
import { useBundleActions } from '../../job/use-saved-jobs';
import { toast } from '../../kit/toast';
import { usePerson } from '../../person/person';
import { call, failedWords } from '../../requests/api';
import { WeatherImport } from './weather-import';

/** Weather of the job's year: a bundled climate, or an imported year. */
export const WeatherPicker = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const { change } = useBundleActions();
  const chosen = useJob((job) => job.facts.year.weather);
  const setFact = useJob((job) => job.setFact);
  const current =
    brought.some(({ id }) => id === chosen) || (chosen !== '' && !CLIMATES.some(({ id }) => id === chosen))
      ? chosen
      : climateById(chosen).id;
  const choose = (id: string) => setFact('year.weather', id);
  const move = async (weather: StoredWeather, action: 'delete' | 'undelete') => {
    const answer = await call(`/api/weather/${weather.id}/move`, {
      method: 'POST',
      body: { action, author: usePerson.getState().author },
    });
    if (answer.kind !== 'ok') return toast.error(failedWords('The year was not removed.', answer));
    void change('weather', (now) =>
      action === 'delete' ? now.filter(({ id }) => id !== weather.id) : [...now, weather],
    );
    if (action === 'delete')
      toast(`Removed: ${weather.name}`, {
        action: { label: 'Undo', onClick: () => void move(weather, 'undelete') },
      });
  };
  const row = (id: string, name: string, about: string) => (
    <label key={id} className="flex min-h-11 flex-1 items-center gap-3 py-1">
      <input
        type="radio"
        name="weather"
        className="size-5 shrink-0 accent-[var(--ink)]"
        checked={current === id}
        onChange={() => choose(id)}
      />
      <span>
        <span className="font-medium">{name}</span>{' '}
        <span className="text-sm text-quiet">
          <LocalizedDegrees>{about}</LocalizedDegrees>
        </span>
      </span>
    </label>
  );
  return (
    <fieldset>
      <legend className="sr-only">Weather</legend>
      {CLIMATES.map(({ id, name, about }) => row(id, name, about))}
      {brought.map((weather) => (
        <div key={weather.id} className="flex items-center">
          {row(weather.id, weather.name, `imported${weather.filled > 0 ? `, ${weather.filled} hours filled` : ''}`)}
          {current !== weather.id && (
            <button
              type="button"
              className="bare-button"
              aria-label={`Remove ${weather.name}`}
              onClick={() => void move(weather, 'delete')}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          )}
        </div>
      ))}
      <div className="mt-2">
        <WeatherImport
          onAdded={(weather) => {
            void change('weather', (now) => [...now, weather]);
            choose(weather.id);
          }}
        />
      </div>
      <p className="mt-1 text-sm text-quiet">
        The built-in years are made up, one per climate type. For a real bid, import the nearest station’s EPW file.
      </p>
    </fieldset>
  );
};
