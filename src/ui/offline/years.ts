import { CLIMATES } from '@/core/balance/year/climates';
import type { WeatherHours } from '@/core/balance/year/stored-weather';
import type { StoredJob } from '@/core/job/stored-job';
import type { Answer } from '@/core/sync/answer';
import { call } from '../requests/api';
import { savedYear, saveYear } from './device';
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

/** Saves the year of a job for offline use. */
export const saveYearForJob = async ({ document }: StoredJob): Promise<void> => {
  const id = document.facts.year.weather;
  if (!isBundledYear(id)) await yearHours(id);
};
