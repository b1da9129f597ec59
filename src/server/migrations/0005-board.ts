import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/**
 * Paging and search of the job list: jobs by last change, and those with some words. Without trigrams in the database
 * (they come with PostgreSQL and need the right to create), search scans.
 */
export const name = '0005-board';

const STATEMENTS = [
  `ALTER TABLE jobs ADD COLUMN search_text TEXT GENERATED ALWAYS AS
     (lower(name || ' ' || customer || ' ' || street || ' ' || town)) STORED`,
  `DROP INDEX IF EXISTS jobs_deleted_at_archived_at_updated_at`,
  `CREATE INDEX jobs_on_bench ON jobs (updated_at DESC, id DESC) WHERE deleted_at IS NULL AND archived_at IS NULL`,
  `CREATE INDEX jobs_on_shelf ON jobs (updated_at DESC, id DESC) WHERE deleted_at IS NULL AND archived_at IS NOT NULL`,
  `DO $$ BEGIN
     CREATE EXTENSION IF NOT EXISTS pg_trgm;
     CREATE INDEX jobs_search ON jobs USING gin (search_text gin_trgm_ops) WHERE deleted_at IS NULL;
   EXCEPTION WHEN insufficient_privilege OR undefined_file OR feature_not_supported THEN
     RAISE NOTICE 'No trigrams here: search reads all jobs.';
   END $$`,
] as const;

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of STATEMENTS) await schema.sequelize.query(statement, within);
};
