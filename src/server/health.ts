import { database } from './database';
import { isOutOfRoom } from './http/passing';
import { MIGRATIONS } from './migrations';
import { migrationsDone } from './migrator';

/** Whether the application can do its work: what of the database stands in the way, if anything does. */
export interface Readiness {
  readonly database: 'writes' | 'reads only' | 'full' | 'silent';
  readonly schema: 'current' | 'behind' | 'unknown';
}

const isCurrent = async (): Promise<boolean> => {
  const done = await migrationsDone();
  return MIGRATIONS.every(({ name }) => done.has(name));
};

/** Writes a row that leaves no trace but that it could be written. */
const canWrite = async (): Promise<Readiness['database']> => {
  try {
    await database().query(
      `INSERT INTO saves (kind, subject, save_id, saved_at) VALUES ('ready', '', gen_random_uuid(), now());
       DELETE FROM saves WHERE kind = 'ready'`,
    );
    return 'writes';
  } catch (problem) {
    return isOutOfRoom(problem) ? 'full' : 'reads only';
  }
};

/** Whether the database answers, can be written to, and has the schema that this code was written for. */
export const readiness = async (): Promise<Readiness> => {
  try {
    await database().query('SELECT 1');
  } catch {
    return { database: 'silent', schema: 'unknown' };
  }
  try {
    if (!(await isCurrent())) return { database: 'reads only', schema: 'behind' };
  } catch {
    return { database: 'reads only', schema: 'behind' };
  }
  return { database: await canWrite(), schema: 'current' };
};

/** Whether a readiness is one to send work to. */
export const isReady = ({ database: state, schema }: Readiness): boolean => state === 'writes' && schema === 'current';
