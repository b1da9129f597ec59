import { DatabaseError, QueryTypes } from 'sequelize';
import { database } from './database';
import { isOutOfSpace } from './http/passing';
import { MIGRATIONS } from './migrations';
import { migrationsDone } from './migrator';

/** Whether the application can do its work: what of the database is in the way, if anything does. */
export interface Readiness {
  readonly database: 'writes' | 'reads only' | 'full' | 'silent';
  readonly schema: 'current' | 'behind' | 'unknown';
  /** `open`: the database lets this role past the walls between crews; run as one that it does not. */
  readonly walls: 'held' | 'open' | 'unknown';
}

const isCurrent = async (): Promise<boolean> => {
  const done = await migrationsDone(database());
  return MIGRATIONS.every(({ name }) => done.has(name));
};

/** Pages were written, and are taken back. */
class Written extends Error {}

/** Whether the database's owner allows no temporary tables: then room cannot be tried. */
const isForbidden = (problem: unknown): boolean =>
  problem instanceof DatabaseError && (problem.original as { code?: unknown }).code === '42501';

/** Writes a row that is no one's and takes it back. */
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

/** Pages of the database that must find room on its disk, each 8 kB: a job with its readings takes a few. */
const PAGES = 64;

/** Writes pages that leave no trace but that there was room for them: a file of their own, which goes with them. */
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

/** Whether the role that the application runs as is held by the walls between crews. */
const isWalled = async (): Promise<boolean> => {
  const [row] = await database().query<{ held: boolean }>(
    'SELECT NOT (rolsuper OR rolbypassrls) AS held FROM pg_roles WHERE rolname = current_user',
    { type: QueryTypes.SELECT },
  );
  return row?.held === true;
};

/** Whether the database answers, can be written to, and has the schema that this code was written for. */
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

/** Whether a readiness is one to send work to. */
export const isReady = ({ database: state, schema }: Readiness): boolean => state === 'writes' && schema === 'current';
