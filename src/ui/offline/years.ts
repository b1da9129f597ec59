import type { EnteredBy } from '@/core/access/entered-by';
import { CLIMATES } from '@/core/balance/year/climates';
import type { WeatherHours } from '@/core/balance/year/stored-weather';
import type { StoredJob } from '@/core/job/stored-job';
import type { Answer } from '@/core/sync/answer';
import { call } from '../requests/api';
import { savedYear, saveYear } from './device';
import { queueRequest } from './queued-requests';
import { WEATHER_PATH } from './years-started';

/** Whether the hours of a year ship with the application. */
export const isBundledYear = (id: string): boolean => id === '' || CLIMATES.some((climate) => climate.id === id);

/** The hours of an imported year: from the device (they never change), else from the server. */
export const yearHours = async (id: string): Promise<Answer<WeatherHours>> => {
  const kept = await savedYear(id);
  if (kept) return { kind: 'ok', value: kept };
  const answer = await call<WeatherHours>(`${WEATHER_PATH}/${encodeURIComponent(id)}`);
  if (answer.kind === 'ok') void saveYear(answer.value);
  return answer;
};

/**
 * Stores a year imported on this device while the server is out of reach; it is created later under the same id.
 * @returns false where the device has no room
 */
export const saveYearOffline = async (year: WeatherHours, { personId, crewId }: EnteredBy): Promise<boolean> => {
  const { id, name, filled, hoursF, humidity } = year;
  return (
    (await saveYear(year)) &&
    queueRequest({
      id,
      about: id,
      personId,
      crewId,
      phase: 'before',
      words: `Weather: ${name}`,
      path: WEATHER_PATH,
      method: 'POST',
      body: { id, name, filled, hoursF, humidity },
    })
  );
};

/** Saves the year of a job for offline use. */
export const saveYearForJob = async ({ document }: StoredJob): Promise<void> => {
  const id = document.facts.year.weather;
  if (!isBundledYear(id)) await yearHours(id);
};
