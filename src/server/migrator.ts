import { QueryTypes } from 'sequelize';
import { database } from './database';
import { log } from './log';
import { type Migration, MIGRATIONS } from './migrations';

/** The record of migrations done. */
const TABLE = 'schema_migrations';
/** Whoever migrates holds this advisory lock; the number is ours alone, and means nothing. */
const LOCK = 7_120_414;

/** Names of the migrations that are done; throws where there is no record of any. */
export const migrationsDone = async (): Promise<ReadonlySet<string>> => {
  const rows = await database().query<{ name: string }>(`SELECT name FROM ${TABLE}`, { type: QueryTypes.SELECT });
  return new Set(rows.map(({ name }) => name));
};

/** One migration with its record, in one transaction: a crash leaves both or neither. */
const migrate = ({ name, up }: Migration): Promise<void> =>
  database().transaction(async (transaction) => {
    log.info({ event: 'migrating', name });
    await database().query('SET LOCAL statement_timeout = 0', { transaction });
    await up(database().getQueryInterface(), { transaction });
    await database().query(`INSERT INTO ${TABLE} (name) VALUES (:name)`, { replacements: { name }, transaction });
  });

/**
 * Brings the database's schema up to date. Of several at once one migrates and the others wait, and then find nothing
 * left to do.
 * @returns names of the migrations that were done
 */
export const migrateUp = (migrations: readonly Migration[] = MIGRATIONS): Promise<string[]> =>
  database().transaction(async (lock) => {
    await database().query('SET LOCAL statement_timeout = 0', { transaction: lock });
    await database().query(`SELECT pg_advisory_xact_lock(${LOCK})`, { transaction: lock });
    await database().query(`CREATE TABLE IF NOT EXISTS ${TABLE} (name VARCHAR(255) PRIMARY KEY)`);
    const done = await migrationsDone();
    const pending = migrations.filter(({ name }) => !done.has(name));
    for (const migration of pending) await migrate(migration);
    return pending.map(({ name }) => name);
  });
