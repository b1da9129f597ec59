import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/** Years of weather hold how damp their hours are, where their file said so: frost grows from it. */
export const name = '0007-humidity';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.sequelize.query('ALTER TABLE weather_years ADD COLUMN humidity REAL[]', within);
};
