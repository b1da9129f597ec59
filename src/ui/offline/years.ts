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

/** The hours of a year that was brought in: as the device has them, they never change, else as the server has them. */
export const yearHours = async (id: string): Promise<Answer<WeatherHours>> => {
  const kept = await savedYear(id);
  if (kept) return { kind: 'ok', value: kept };
  const answer = await call<WeatherHours>(`${WEATHER_PATH}/${encodeURIComponent(id)}`);
  if (answer.kind === 'ok') void saveYear(answer.value);
  return answer;
};

/**
 * Keeps a year on this device that was imported where the server is not reached; it lands later under the same id.
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

/** Takes the year along that a job is calculated with. */
export const saveYearForJob = async ({ document }: StoredJob): Promise<void> => {
  const id = document.facts.year.weather;
  if (!isBundledYear(id)) await yearHours(id);
};
