import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/**
 * Crews with people: sign-in, roles and devices; one-time invitation links; homeowner links; and an append-only audit
 * log. The crew that owned everything so far stays until someone names it.
 */
export const name = '0008-crew';

/** The crew of a transaction; without one every query is refused. */
const STRICT = `current_setting('app.crew')::uuid`;
/** The same for tables queried before sign-in: without one, the row belongs to no one. */
const CREW = `nullif(current_setting('app.crew', true), '')::uuid`;
const crewColumn = `crew_id UUID NOT NULL DEFAULT current_setting('app.crew')::uuid REFERENCES crews (id)`;

/** A row is visible to its crew, or to the holder of the token with its hash. */
const byTokenToo = (table: string) =>
  `CREATE POLICY own_crew ON ${table}
     USING (crew_id = (SELECT ${CREW}) OR token_hash = (SELECT current_setting('app.token', true)))
     WITH CHECK (crew_id = (SELECT ${CREW}))`;

const tables = [
  `ALTER TABLE crews ADD COLUMN handle TEXT UNIQUE, ADD COLUMN is_demo BOOLEAN NOT NULL DEFAULT false`,
  `CREATE TABLE people (
     ${crewColumn},
     id UUID NOT NULL,
     handle TEXT NOT NULL,
     name TEXT NOT NULL,
     role TEXT NOT NULL CHECK (role IN ('lead', 'technician', 'apprentice', 'reader')),
     password_hash TEXT,
     made_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     left_at TIMESTAMPTZ,
     PRIMARY KEY (crew_id, id))`,
  `CREATE UNIQUE INDEX people_handle ON people (crew_id, handle) WHERE left_at IS NULL`,
  `CREATE TABLE sessions (
     ${crewColumn},
     token_hash TEXT NOT NULL UNIQUE,
     person_id UUID NOT NULL,
     began_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     seen_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     PRIMARY KEY (crew_id, token_hash),
     CONSTRAINT sessions_person FOREIGN KEY (crew_id, person_id) REFERENCES people (crew_id, id) ON DELETE CASCADE)`,
  `CREATE INDEX sessions_of_person ON sessions (crew_id, person_id)`,
  `CREATE TABLE invitations (
     ${crewColumn},
     token_hash TEXT NOT NULL UNIQUE,
     person_id UUID NOT NULL,
     made_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     used_at TIMESTAMPTZ,
     PRIMARY KEY (crew_id, token_hash),
     CONSTRAINT invitations_person FOREIGN KEY (crew_id, person_id) REFERENCES people (crew_id, id) ON DELETE CASCADE)`,
  `CREATE TABLE shares (
     ${crewColumn},
     job_id UUID NOT NULL,
     id UUID NOT NULL,
     token_hash TEXT NOT NULL UNIQUE,
     made_by TEXT NOT NULL,
     made_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     until TIMESTAMPTZ NOT NULL,
     revoked_at TIMESTAMPTZ,
     opened INTEGER NOT NULL DEFAULT 0,
     PRIMARY KEY (crew_id, job_id, id),
     CONSTRAINT shares_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE)`,
  `CREATE TABLE sign_in_attempts (
     id BIGINT GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
     key TEXT NOT NULL,
     at TIMESTAMPTZ NOT NULL DEFAULT now())`,
  `CREATE INDEX sign_in_attempts_key ON sign_in_attempts (key, at)`,
  `CREATE TABLE audit (
     ${crewColumn},
     id BIGINT GENERATED ALWAYS AS IDENTITY,
     at TIMESTAMPTZ NOT NULL DEFAULT now(),
     person TEXT NOT NULL,
     did TEXT NOT NULL,
     subject TEXT NOT NULL,
     PRIMARY KEY (crew_id, id))`,
];

const walls = [
  ...['people', 'sessions', 'invitations', 'shares', 'sign_in_attempts', 'audit'].flatMap((table) => [
    `ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY`,
    `ALTER TABLE ${table} FORCE ROW LEVEL SECURITY`,
  ]),
  ...['people', 'audit'].map(
    (table) =>
      `CREATE POLICY own_crew ON ${table}
         USING (crew_id = (SELECT ${STRICT})) WITH CHECK (crew_id = (SELECT ${STRICT}))`,
  ),
  ...['sessions', 'invitations', 'shares'].map(byTokenToo),
  // Sign-in attempts belong to no crew yet.
  `CREATE POLICY anyone ON sign_in_attempts USING (true) WITH CHECK (true)`,
  `DROP POLICY own_crew ON crews`,
  `CREATE POLICY own_crew ON crews
     USING (id = (SELECT ${CREW}) OR handle = (SELECT current_setting('app.handle', true)))
     WITH CHECK (id = (SELECT ${CREW}))`,
];

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of [...tables, ...walls]) await schema.sequelize.query(statement, within);
};
