import { QueryTypes } from 'sequelize';
import { ownerDatabase } from './database';

/** Rights of the application's role on each table. It owns nothing, and cannot change or delete append-only rows. */
const GRANTS = {
  schema_migrations: 'SELECT',
  crews: 'SELECT, INSERT, UPDATE',
  people: 'SELECT, INSERT, UPDATE, DELETE',
  sessions: 'SELECT, INSERT, UPDATE, DELETE',
  known_devices: 'SELECT, INSERT, DELETE',
  invitations: 'SELECT, INSERT, UPDATE',
  shares: 'SELECT, INSERT, UPDATE',
  sign_in_attempts: 'SELECT, INSERT, DELETE',
  audit: 'SELECT, INSERT',
  jobs: 'SELECT, INSERT, UPDATE',
  visits: 'SELECT, INSERT, UPDATE',
  job_notes: 'SELECT, INSERT',
  presence: 'SELECT, INSERT, UPDATE',
  practice_rounds: 'SELECT, INSERT',
  readings: 'SELECT, INSERT',
  setting_marks: 'SELECT, INSERT',
  fact_changes: 'SELECT, INSERT',
  handovers: 'SELECT, INSERT',
  job_summaries: 'SELECT, INSERT, UPDATE',
  controller_profiles: 'SELECT, INSERT, UPDATE',
  weather_years: 'SELECT, INSERT, UPDATE',
  saves: 'SELECT, INSERT',
} as const;

/** Tables that the application knows. */
export const TABLES = Object.keys(GRANTS) as readonly (keyof typeof GRANTS)[];

/** Creates the application's role if missing, and grants its rights. */
export const grantTo = async ({ name, password }: { readonly name: string; readonly password: string }) => {
  const owner = ownerDatabase();
  await owner.transaction(async () => {
    const [found] = await owner.query<{ role: string; secret: string; isThere: boolean }>(
      `SELECT quote_ident(:name) AS role, quote_literal(:password) AS secret,
              EXISTS (SELECT FROM pg_roles WHERE rolname = :name) AS "isThere"`,
      { replacements: { name, password }, type: QueryTypes.SELECT },
    );
    const { role, secret, isThere } = found!;
    const limits = 'LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOBYPASSRLS';
    if (!isThere) await owner.query(`CREATE ROLE ${role} ${limits} PASSWORD ${secret}`);
    await owner.query(
      `GRANT USAGE ON SCHEMA public TO ${role}; GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO ${role}`,
    );
    for (const [table, rights] of Object.entries(GRANTS))
      await owner.query(`REVOKE ALL ON ${table} FROM ${role}; GRANT ${rights} ON ${table} TO ${role}`);
  });
};
