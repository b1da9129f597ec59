import { Sequelize } from 'sequelize';
import { databaseUrl } from './config';
import { log } from './log';

let opened: Sequelize | undefined;

/** The process's pool of connections, opened at first use. It holds no state of its own. */
export const database = (): Sequelize => {
  opened ??= new Sequelize(databaseUrl(), {
    dialect: 'postgres',
    logging: (sql, ms) => log.trace({ sql, ms }),
    pool: { max: 10, acquire: 5000 },
    dialectOptions: { connectionTimeoutMillis: 3000, statement_timeout: 10_000 },
  });
  return opened;
};

/** Closes the pool: for scripts and tests that end. */
export const closeDatabase = async (): Promise<void> => {
  await opened?.close();
  opened = undefined;
};
