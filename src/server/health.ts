import { DatabaseError, QueryTypes } from 'sequelize';
import { database } from './database';
import { isOutOfSpace } from './http/passing';
import { MIGRATIONS } from './migrations';
import { migrationsDone } from './migrator';

/** Whether the application can work, and what about the database prevents it. */
export interface Readiness {
  readonly database: 'writes' | 'reads only' | 'full' | 'silent';
  readonly schema: 'current' | 'behind' | 'unknown';
  /** `open`: row security does not restrict this role; run as one that it does. */
  readonly walls: 'held' | 'open' | 'unknown';
}

const isCurrent = async (): Promise<boolean> => {
  const done = await migrationsDone(database());
  return MIGRATIONS.every(({ name }) => done.has(name));
};

/** Pages were written and rolled back. */
class Written extends Error {}

/** Whether the owner disallows temporary tables: then free space cannot be tested. */
const isForbidden = (problem: unknown): boolean =>
  problem instanceof DatabaseError && (problem.original as { code?: unknown }).code === '42501';

/** Writes a row that belongs to no one and rolls it back. */
const canAddRow = async (): Promise<boolean> => {
  try {
    await database().transaction(async () => {
      await database().query("INSERT INTO sign_in_attempts (key) VALUES ('ready')");
      throw new Written();
    });
    return false;
  } catch (problem) {
    return problem instanceof Written;
  }
};

/** Pages that must fit on the database's disk, 8 kB each: a job with readings takes a few. */
const PAGES = 64;

/** Writes temporary pages to test for free space: a separate file, removed with them. */
const canWrite = async (): Promise<Readiness['database']> => {
  try {
    await database().transaction(async () => {
      await database().query('CREATE TEMPORARY TABLE room_probe (bytes BYTEA) ON COMMIT DROP');
      await database().query('ALTER TABLE room_probe ALTER COLUMN bytes SET STORAGE PLAIN');
      await database().query(
        "INSERT INTO room_probe SELECT decode(repeat('00', 8000), 'hex') FROM generate_series(1, :pages)",
        { replacements: { pages: PAGES } },
      );
      throw new Written();
    });
    return 'reads only';
  } catch (problem) {
    if (problem instanceof Written) return 'writes';
    if (isOutOfSpace(problem)) return 'full';
    return isForbidden(problem) && (await canAddRow()) ? 'writes' : 'reads only';
  }
};

/** Whether row security restricts the application's role. */
const isWalled = async (): Promise<boolean> => {
  const [row] = await database().query<{ held: boolean }>(
    'SELECT NOT (rolsuper OR rolbypassrls) AS held FROM pg_roles WHERE rolname = current_user',
    { type: QueryTypes.SELECT },
  );
  return row?.held === true;
};

/** Whether the database answers, can be written to, and has the schema of this code. */
export const readiness = async (): Promise<Readiness> => {
  try {
    await database().query('SELECT 1');
  } catch {
    return { database: 'silent', schema: 'unknown', walls: 'unknown' };
  }
  try {
    if (!(await isCurrent())) return { database: 'reads only', schema: 'behind', walls: 'unknown' };
  } catch {
    return { database: 'reads only', schema: 'behind', walls: 'unknown' };
  }
  return { database: await canWrite(), schema: 'current', walls: (await isWalled()) ? 'held' : 'open' };
};

/** Whether a readiness means that requests can be sent. */
export const isReady = ({ database: state, schema }: Readiness): boolean => state === 'writes' && schema === 'current';
