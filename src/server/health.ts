import { QueryTypes } from 'sequelize';
import { database } from './database';
import { MIGRATIONS } from './migrations';

export interface Health {
  readonly database: 'answers' | 'silent';
  readonly schema: 'current' | 'behind' | 'unknown';
}

/** Whether the database answers and its schema is the one this code was written for. */
export const health = async (): Promise<Health> => {
  try {
    await database().query('SELECT 1');
  } catch {
    return { database: 'silent', schema: 'unknown' };
  }
  try {
    const rows = await database().query<{ name: string }>('SELECT name FROM schema_migrations', {
      type: QueryTypes.SELECT,
    });
    const done = new Set(rows.map(({ name }) => name));
    return { database: 'answers', schema: MIGRATIONS.every(({ name }) => done.has(name)) ? 'current' : 'behind' };
  } catch {
    return { database: 'answers', schema: 'behind' };
  }
};
