import type { NewWeather, StoredWeather, WeatherHours } from '../../core/balance/year/stored-weather';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import type { WeatherYearRow } from '../models/weather-year';

const toStored = ({ id, name, filled, createdAt, addedBy }: WeatherYearRow): StoredWeather => ({
  id,
  name,
  filled,
  addedAt: createdAt.toISOString(),
  addedBy,
});

/** Single precision, rounded back to the sent tenth. */
const toTenth = (valueF: number) => Math.round(valueF * 10) / 10;

const toHundredth = (share: number) => Math.round(share * 100) / 100;

const toHours = (row: WeatherYearRow): WeatherHours => ({
  ...toStored(row),
  hoursF: row.hoursF.map(toTenth),
  humidity: row.humidity?.map(toHundredth) ?? null,
});

/** Imported years of weather, by name, without hours. */
export const listWeather = (scope: CrewScope): Promise<StoredWeather[]> =>
  inCrew(scope, async () =>
    (
      await models().WeatherYearRow.findAll({
        where: { deletedAt: null },
        attributes: { exclude: ['hoursF', 'humidity'] },
        order: [
          ['name', 'ASC'],
          ['createdAt', 'ASC'],
        ],
      })
    ).map(toStored),
  );

/** Maximum weather years of a crew; existing ones stay, and are exported. */
export const MOST_YEARS = 500;

/** One year with its hours; null if none. */
export const getWeather = (scope: CrewScope, id: string): Promise<WeatherHours | null> =>
  inCrew(scope, async () => {
    const row = await models().WeatherYearRow.findOne({ where: { id, deletedAt: null } });
    return row && toHours(row);
  });

/** Stores a year of weather. One sent twice is stored once; stored ones never change. */
export const addWeather = (
  scope: CrewScope,
  { id, name, hoursF, humidity, filled, author }: NewWeather,
): Promise<StoredWeather> =>
  inCrew(scope, async () => {
    const [row] = await models().WeatherYearRow.findOrCreate({
      where: { id },
      defaults: {
        id,
        name,
        hoursF: [...hoursF],
        humidity: humidity && [...humidity],
        filled,
        addedBy: author,
        deletedAt: null,
      },
    });
    return toStored(row);
  });

/** Removes a year from the list, or restores it. */
export const archiveWeather = (scope: CrewScope, id: string, isDeleted: boolean): Promise<boolean> =>
  inCrew(scope, async () => {
    const [count] = await models().WeatherYearRow.update(
      { deletedAt: isDeleted ? new Date() : null },
      { where: { id } },
    );
    return count > 0;
  });
