import { QueryTypes } from 'sequelize';
import { ownerDatabase } from './database';
import { TABLES } from './grants';

/** Tables with a crew's rows, dependents first. */
const ORDER = [
  'presence',
  'practice_rounds',
  'job_notes',
  'shares',
  'sessions',
  'known_devices',
  'invitations',
  'audit',
  'saves',
  'job_summaries',
  'handovers',
  'fact_changes',
  'setting_marks',
  'readings',
  'visits',
  'jobs',
  'controller_profiles',
  'weather_years',
  'people',
] as const satisfies readonly (typeof TABLES)[number][];

/** Tables without crew rows, and the table of crews. */
const NOBODYS = ['schema_migrations', 'sign_in_attempts', 'crews'] as const;

/** Known tables that deletion would miss: must be none, or the crew is not deleted. */
const leftOut = () => TABLES.filter((table) => ![...ORDER, ...NOBODYS].includes(table as never));

/** Deletes a crew with all its data, as the owner of the tables: the application itself cannot. */
export const deleteCrew = async (id: string): Promise<void> => {
  if (leftOut().length > 0) throw new Error(`Nothing was deleted: no order is known for ${leftOut().join(', ')}.`);
  const owner = ownerDatabase();
  await owner.transaction(async (transaction) => {
    const within = { transaction, replacements: { id } };
    await owner.query("SELECT set_config('app.crew', :id, true)", within);
    // An owner exempt from row security sees every crew's rows: each statement names the crew.
    for (const table of ORDER) await owner.query(`DELETE FROM ${table} WHERE crew_id = :id`, within);
    await owner.query('DELETE FROM crews WHERE id = :id', within);
  });
};

/** Crews past their grace period. Row security is lifted for this query only, in one transaction. */
const dueCrews = (): Promise<{ readonly id: string; readonly name: string }[]> => {
  const owner = ownerDatabase();
  return owner.transaction(async (transaction) => {
    await owner.query('ALTER TABLE crews NO FORCE ROW LEVEL SECURITY', { transaction });
    const due = await owner.query<{ id: string; name: string }>(
      'SELECT id, name FROM crews WHERE delete_after < now() ORDER BY delete_after',
      { transaction, type: QueryTypes.SELECT },
    );
    await owner.query('ALTER TABLE crews FORCE ROW LEVEL SECURITY', { transaction });
    return due;
  });
};

/** Deletes every crew past its grace period; returns their names. */
export const sweepCrews = async (): Promise<string[]> => {
  const due = await dueCrews();
  for (const { id } of due) await deleteCrew(id);
  return due.map(({ name }) => name);
};
