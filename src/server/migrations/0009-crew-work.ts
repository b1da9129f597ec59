import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/**
 * Crew work: an apprentice's readings that wait for a countersignature, crew lead notes, presence, new-job defaults,
 * and scheduled crew deletion.
 */
export const name = '0009-crew-work';

const CREW = `(SELECT current_setting('app.crew')::uuid)`;
const crewColumn = `crew_id UUID NOT NULL DEFAULT current_setting('app.crew')::uuid REFERENCES crews (id)`;
const ofJob = (table: string) =>
  `CONSTRAINT ${table}_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE`;

const tables = [
  `ALTER TABLE readings
     ADD COLUMN waits_for_countersign BOOLEAN NOT NULL DEFAULT false,
     ADD COLUMN countersigned_by TEXT,
     ADD COLUMN countersigned_at TIMESTAMPTZ`,
  `ALTER TABLE crews ADD COLUMN defaults JSONB NOT NULL DEFAULT '{}', ADD COLUMN delete_after TIMESTAMPTZ`,
  `CREATE TABLE job_notes (
     ${crewColumn},
     job_id UUID NOT NULL,
     id UUID NOT NULL,
     at TIMESTAMPTZ NOT NULL DEFAULT clock_timestamp(),
     author TEXT NOT NULL,
     words TEXT NOT NULL,
     PRIMARY KEY (crew_id, job_id, id),
     ${ofJob('job_notes')})`,
  `CREATE INDEX job_notes_newest ON job_notes (crew_id, job_id, at DESC)`,
  // Presence matters for minutes and need not survive a crash.
  `CREATE UNLOGGED TABLE presence (
     ${crewColumn},
     job_id UUID NOT NULL,
     person_id UUID NOT NULL,
     seen_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     PRIMARY KEY (crew_id, job_id, person_id),
     ${ofJob('presence')},
     CONSTRAINT presence_person FOREIGN KEY (crew_id, person_id) REFERENCES people (crew_id, id) ON DELETE CASCADE)`,
];

const walls = ['job_notes', 'presence'].flatMap((table) => [
  `ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY`,
  `ALTER TABLE ${table} FORCE ROW LEVEL SECURITY`,
  `CREATE POLICY own_crew ON ${table} USING (crew_id = ${CREW}) WITH CHECK (crew_id = ${CREW})`,
]);

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of [...tables, ...walls]) await schema.sequelize.query(statement, within);
};
