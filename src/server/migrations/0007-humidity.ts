import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/** Humidity of weather years, if their file has it: frost depends on it. */
export const name = '0007-humidity';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.sequelize.query('ALTER TABLE weather_years ADD COLUMN humidity REAL[]', within);
};
