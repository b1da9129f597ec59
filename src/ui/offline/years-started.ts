import type { StoredWeather, WeatherHours } from '@/core/balance/year/stored-weather';
import { kindOfRequest, type QueuedRequest } from '@/core/sync/queue/queued-request';
import { queuedRequests } from './queued-requests';

/** API path of weather years. */
export const WEATHER_PATH = '/api/weather';

const begun = ({ body, at }: QueuedRequest): StoredWeather => {
  const { id, name, filled } = body as WeatherHours;
  return { id, name, filled, addedAt: new Date(at).toISOString(), addedBy: '' };
};

/** Years imported on this device that the server does not have yet. */
export const unsentYears = (personId: string): StoredWeather[] =>
  queuedRequests(personId)
    .filter((request) => kindOfRequest(request) === 'weather' && !request.problem)
    .map(begun);
