import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { log } from './log';
import { MIGRATIONS } from './migrations';

const TABLE = 'schema_migrations';

/** Brings the database's schema up to date, and says what it did. */
export const migrator = () => {
  const sequelize = database();
  return new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize, modelName: TABLE, tableName: TABLE }),
    logger: {
      info: (event) => log.info(event),
      warn: (event) => log.warn(event),
      error: (event) => log.error(event),
      debug: (event) => log.debug(event),
    },
  });
};
