import { QueryTypes, type Sequelize } from 'sequelize';
import { appRole } from './config';
import { ownerDatabase } from './database';
import { grantTo } from './grants';
import { log } from './log';
import { type Migration, MIGRATIONS } from './migrations';

/** Record of completed migrations. */
const TABLE = 'schema_migrations';
/** Advisory lock for migrating; the number is arbitrary. */
const LOCK = 7_120_414;

/** Names of completed migrations; throws if there is no record. */
export const migrationsDone = async (as: Sequelize): Promise<ReadonlySet<string>> => {
  const rows = await as.query<{ name: string }>(`SELECT name FROM ${TABLE}`, {
    type: QueryTypes.SELECT,
    transaction: null,
  });
  return new Set(rows.map(({ name }) => name));
};

/** One migration with its record, in one transaction: a crash leaves both or neither. */
const migrate = ({ name, up }: Migration): Promise<void> =>
  ownerDatabase().transaction(async (transaction) => {
    const owner = ownerDatabase();
    log.info({ event: 'migrating', name });
    await owner.query('SET LOCAL statement_timeout = 0', { transaction });
    await up(owner.getQueryInterface(), { transaction });
    await owner.query(`INSERT INTO ${TABLE} (name) VALUES (:name)`, { replacements: { name }, transaction });
  });

/**
 * Upgrades the database schema as its owner, and grants the application's role its rights. Of several simultaneous
 * calls one migrates; the others wait and find nothing to do.
 * @returns names of the migrations that were done
 */
export const migrateUp = (migrations: readonly Migration[] = MIGRATIONS): Promise<string[]> =>
  ownerDatabase().transaction(async (lock) => {
    const owner = ownerDatabase();
    await owner.query('SET LOCAL statement_timeout = 0', { transaction: lock });
    await owner.query(`SELECT pg_advisory_xact_lock(${LOCK})`, { transaction: lock });
    await owner.query(`CREATE TABLE IF NOT EXISTS ${TABLE} (name VARCHAR(255) PRIMARY KEY)`, { transaction: null });
    const done = await migrationsDone(owner);
    const pending = migrations.filter(({ name }) => !done.has(name));
    for (const migration of pending) await migrate(migration);
    const role = appRole();
    if (role) await grantTo(role);
    return pending.map(({ name }) => name);
  });
