import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/**
 * Fixes after an attack: known devices, who entered a mark, origin of imported jobs and records, and whether any crew
 * exists. Visits that began in the future, by a wrong clock, begin at their arrival.
 */
export const name = '0012-hard';

const CREW = `nullif(current_setting('app.crew', true), '')::uuid`;
const crewColumn = `crew_id UUID NOT NULL DEFAULT current_setting('app.crew')::uuid REFERENCES crews (id)`;

const devices = [
  `CREATE TABLE known_devices (
     ${crewColumn},
     token_hash TEXT NOT NULL UNIQUE,
     person_id UUID NOT NULL,
     made_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     PRIMARY KEY (crew_id, token_hash),
     CONSTRAINT known_devices_person FOREIGN KEY (crew_id, person_id) REFERENCES people (crew_id, id)
       ON DELETE CASCADE)`,
  `ALTER TABLE known_devices ENABLE ROW LEVEL SECURITY`,
  `ALTER TABLE known_devices FORCE ROW LEVEL SECURITY`,
  `CREATE POLICY own_crew ON known_devices
     USING (crew_id = (SELECT ${CREW}) OR token_hash = (SELECT current_setting('app.token', true)))
     WITH CHECK (crew_id = (SELECT ${CREW}))`,
];

/** Only for the first start, in its own transaction: whether any crew exists. */
const anyCrew = [
  `CREATE POLICY any_crew ON crews FOR SELECT USING ((SELECT current_setting('app.first_start', true)) = 'yes')`,
];

const origins = [
  `ALTER TABLE setting_marks ADD COLUMN entered_by TEXT NOT NULL DEFAULT ''`,
  ...['jobs', 'handovers'].map(
    (table) =>
      `ALTER TABLE ${table}
         ADD COLUMN imported_at TIMESTAMPTZ, ADD COLUMN imported_by TEXT, ADD COLUMN imported_from TEXT,
         ADD CONSTRAINT ${table}_imported CHECK (num_nonnulls(imported_at, imported_by, imported_from) IN (0, 3))`,
  ),
];

const FIRST_IN = (table: string) =>
  `(SELECT min(d.received_at) FROM ${table} d
     WHERE d.crew_id = v.crew_id AND d.job_id = v.job_id AND d.visit_id = v.id)`;
const WALLED = ['visits', 'readings', 'setting_marks'] as const;

/** Row security is lifted within the transaction for rows of all crews, and restored after it. */
const inTheFuture = [
  ...WALLED.map((table) => `ALTER TABLE ${table} NO FORCE ROW LEVEL SECURITY`),
  `UPDATE visits v
     SET began_at = least(v.began_at, now(), ${FIRST_IN('readings')}, ${FIRST_IN('setting_marks')})
     WHERE v.began_at > least(now(), ${FIRST_IN('readings')}, ${FIRST_IN('setting_marks')})`,
  `UPDATE visits SET ended_at = greatest(began_at, now()) WHERE ended_at > now()`,
  ...WALLED.map((table) => `ALTER TABLE ${table} FORCE ROW LEVEL SECURITY`),
];

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of [...devices, ...anyCrew, ...origins, ...inTheFuture])
    await schema.sequelize.query(statement, within);
};
