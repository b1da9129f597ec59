import { QueryTypes } from 'sequelize';
import { ownerDatabase } from './database';
import { TABLES } from './grants';

/** Tables of a crew's rows, what depends on others first. */
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

/** Tables in which no row is a crew's, and the one of crews themselves. */
const NOBODYS = ['schema_migrations', 'sign_in_attempts', 'crews'] as const;

/** Tables that are known and would be left behind: none, or the crew is not deleted. */
const leftOut = () => TABLES.filter((table) => ![...ORDER, ...NOBODYS].includes(table as never));

/** Deletes a crew with all that it has, as the owner of the tables: the application itself cannot. */
export const deleteCrew = async (id: string): Promise<void> => {
  if (leftOut().length > 0) throw new Error(`Nothing was deleted: no order is known for ${leftOut().join(', ')}.`);
  const owner = ownerDatabase();
  await owner.transaction(async (transaction) => {
    const within = { transaction, replacements: { id } };
    await owner.query("SELECT set_config('app.crew', :id, true)", within);
    // An owner whom the walls do not hold sees every crew's rows: each statement names the one.
    for (const table of ORDER) await owner.query(`DELETE FROM ${table} WHERE crew_id = :id`, within);
    await owner.query('DELETE FROM crews WHERE id = :id', within);
  });
};

/** Crews whose grace time has passed. The wall around them is let down for the question alone, in one transaction. */
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

/** Deletes every crew whose grace time has passed; names of those that were. */
export const sweepCrews = async (): Promise<string[]> => {
  const due = await dueCrews();
  for (const { id } of due) await deleteCrew(id);
  return due.map(({ name }) => name);
};
