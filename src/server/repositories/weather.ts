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

/** Single precision back to the tenth that was sent. */
const toTenth = (valueF: number) => Math.round(valueF * 10) / 10;

const toHundredth = (share: number) => Math.round(share * 100) / 100;

const toHours = (row: WeatherYearRow): WeatherHours => ({
  ...toStored(row),
  hoursF: row.hoursF.map(toTenth),
  humidity: row.humidity?.map(toHundredth) ?? null,
});

/** Years of weather that were brought in, by name, without their hours. */
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

/** Years that a crew may have; what is there already stays, and goes out with its file. */
export const MOST_YEARS = 500;

/** One year with its hours; null where there is none. */
export const getWeather = (scope: CrewScope, id: string): Promise<WeatherHours | null> =>
  inCrew(scope, async () => {
    const row = await models().WeatherYearRow.findOne({ where: { id, deletedAt: null } });
    return row && toHours(row);
  });

/** Keeps a year of weather. One that is sent twice lands once; what is kept is never changed. */
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

/** Takes a year off the list, or brings it back. */
export const archiveWeather = (scope: CrewScope, id: string, isDeleted: boolean): Promise<boolean> =>
  inCrew(scope, async () => {
    const [count] = await models().WeatherYearRow.update(
      { deletedAt: isDeleted ? new Date() : null },
      { where: { id } },
    );
    return count > 0;
  });
