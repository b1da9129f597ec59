import type { StoredWeather, WeatherHours } from '@/core/balance/year/stored-weather';
import { type QueuedRequest, queuedRequests } from './queued-requests';

/** API path of weather years. */
export const WEATHER_PATH = '/api/weather';

const begun = ({ body, at }: QueuedRequest): StoredWeather => {
  const { id, name, filled } = body as WeatherHours;
  return { id, name, filled, addedAt: new Date(at).toISOString(), addedBy: '' };
};

/** Years imported on this device that the server does not have yet. */
export const unsentYears = (personId: string): StoredWeather[] =>
  queuedRequests(personId)
    .filter(({ path, problem }) => path === WEATHER_PATH && !problem)
    .map(begun);
