import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/**
 * The structure for records: crews with row security, visits, device, clock and status of a reading, job summaries, and
 * handover records as printed. Earlier readings are grouped into visits at gaps of more than twelve hours.
 */
export const name = '0006-record';

/** The crew that owned everything when there was only one. */
const FIRST_CREW = '00000000-0000-4000-8000-000000000001';

const CREW = `(SELECT current_setting('app.crew')::uuid)`;
const OLDER = [
  'jobs',
  'readings',
  'fact_changes',
  'setting_marks',
  'controller_profiles',
  'saves',
  'weather_years',
] as const;
const WALLED = [...OLDER, 'visits', 'job_summaries', 'handovers'] as const;

const ofJob = (table: string) =>
  `ADD CONSTRAINT ${table}_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE`;
const crewColumn = `crew_id UUID NOT NULL DEFAULT current_setting('app.crew')::uuid REFERENCES crews (id)`;

const crews = [
  `CREATE TABLE crews (id UUID PRIMARY KEY, name TEXT NOT NULL, created_at TIMESTAMPTZ NOT NULL DEFAULT now())`,
  `INSERT INTO crews (id, name) VALUES ('${FIRST_CREW}', '')`,
  ...OLDER.flatMap((table) => [
    `ALTER TABLE ${table} ADD COLUMN crew_id UUID NOT NULL DEFAULT '${FIRST_CREW}' REFERENCES crews (id)`,
    `ALTER TABLE ${table} ALTER COLUMN crew_id SET DEFAULT current_setting('app.crew')::uuid`,
  ]),
];

/** Every key begins with the crew, so that a large database can be partitioned by it. */
const keys = [
  ...['readings', 'fact_changes', 'setting_marks'].map(
    (table) => `ALTER TABLE ${table} DROP CONSTRAINT ${table}_job_id_fkey`,
  ),
  `ALTER TABLE jobs DROP CONSTRAINT jobs_pkey, ADD PRIMARY KEY (crew_id, id)`,
  ...['readings', 'setting_marks'].map(
    (table) =>
      `ALTER TABLE ${table} DROP CONSTRAINT ${table}_pkey, ADD PRIMARY KEY (crew_id, job_id, id), ${ofJob(table)}`,
  ),
  `ALTER TABLE fact_changes DROP CONSTRAINT fact_changes_pkey, ADD PRIMARY KEY (crew_id, id), ${ofJob('fact_changes')}`,
  ...['controller_profiles', 'weather_years'].map(
    (table) => `ALTER TABLE ${table} DROP CONSTRAINT ${table}_pkey, ADD PRIMARY KEY (crew_id, id)`,
  ),
  `ALTER TABLE saves DROP CONSTRAINT saves_pkey, ADD PRIMARY KEY (crew_id, kind, subject, save_id)`,
  ...[
    'readings_job_id_taken_at',
    'setting_marks_job_id_marked_at',
    'fact_changes_job_id_revision',
    'jobs_on_bench',
    'jobs_on_shelf',
    // Behind row security a text index cannot be used before the check: the job list's own index holds the words.
    'jobs_search',
  ].map((index) => `DROP INDEX IF EXISTS ${index}`),
  `CREATE INDEX fact_changes_of_fact ON fact_changes (crew_id, job_id, path, revision)`,
  `CREATE INDEX jobs_on_bench ON jobs (crew_id, updated_at DESC, id DESC) INCLUDE (search_text)
     WHERE deleted_at IS NULL AND archived_at IS NULL`,
  `CREATE INDEX jobs_on_shelf ON jobs (crew_id, updated_at DESC, id DESC) INCLUDE (search_text)
     WHERE deleted_at IS NULL AND archived_at IS NOT NULL`,
];

const visits = [
  `CREATE TABLE visits (
     ${crewColumn},
     job_id UUID NOT NULL,
     id UUID NOT NULL,
     reason TEXT NOT NULL CHECK (reason IN ('new', 'changeout', 'call-back', 'season')),
     began_at TIMESTAMPTZ NOT NULL,
     ended_at TIMESTAMPTZ CHECK (ended_at >= began_at),
     author TEXT NOT NULL,
     received_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     PRIMARY KEY (crew_id, job_id, id),
     CONSTRAINT visits_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE)`,
  `CREATE TEMP TABLE visit_of ON COMMIT DROP AS
     WITH done AS (
       SELECT crew_id, job_id, id, taken_at AS at, author FROM readings
       UNION ALL SELECT crew_id, job_id, id, marked_at, author FROM setting_marks),
     steps AS (
       SELECT *, coalesce(at - lag(at) OVER job > interval '12 hours', true) AS begins
       FROM done WINDOW job AS (PARTITION BY crew_id, job_id ORDER BY at, id)),
     numbered AS (
       SELECT *, count(*) FILTER (WHERE begins) OVER (PARTITION BY crew_id, job_id ORDER BY at, id) AS number
       FROM steps)
     SELECT *, first_value(id) OVER (PARTITION BY crew_id, job_id, number ORDER BY at, id) AS visit_id
     FROM numbered`,
  `INSERT INTO visits (crew_id, job_id, id, reason, began_at, ended_at, author)
     SELECT v.crew_id, v.job_id, v.id, CASE WHEN v.number = 1 THEN 'new' ELSE 'call-back' END, v.at,
            CASE WHEN j.handed_over_at > v.at
                  AND v.number = max(v.number) OVER (PARTITION BY v.crew_id, v.job_id) THEN j.handed_over_at END,
            v.author
     FROM visit_of v JOIN jobs j ON j.crew_id = v.crew_id AND j.id = v.job_id WHERE v.id = v.visit_id`,
  ...['readings', 'setting_marks'].flatMap((table) => [
    `ALTER TABLE ${table} ADD COLUMN visit_id UUID`,
    `UPDATE ${table} t SET visit_id = v.visit_id FROM visit_of v
       WHERE v.crew_id = t.crew_id AND v.job_id = t.job_id AND v.id = t.id`,
    `ALTER TABLE ${table} ALTER COLUMN visit_id SET NOT NULL,
       ADD CONSTRAINT ${table}_visit FOREIGN KEY (crew_id, job_id, visit_id) REFERENCES visits (crew_id, job_id, id)
         ON DELETE CASCADE,
       ADD COLUMN device UUID, ADD COLUMN sequence BIGINT, ADD COLUMN clock_offset_ms DOUBLE PRECISION,
       ADD CONSTRAINT ${table}_origin CHECK ((device IS NULL) = (sequence IS NULL))`,
  ]),
  `DROP TABLE visit_of`,
];

const readings = [
  `ALTER TABLE readings
     ADD COLUMN entered_by TEXT NOT NULL DEFAULT '',
     ADD COLUMN meter_ohms DOUBLE PRECISION CHECK (meter_ohms > 0),
     ADD COLUMN status TEXT NOT NULL DEFAULT 'taken' CHECK (status IN ('taken', 'withdrawn', 'not-measured')),
     ADD COLUMN why TEXT NOT NULL DEFAULT '',
     ADD COLUMN note TEXT NOT NULL DEFAULT '',
     ADD CONSTRAINT readings_value CHECK ((status = 'taken') = (num_nonnulls(value_number, value_word) = 1))`,
];

const kept = [
  `CREATE TABLE job_summaries (
     ${crewColumn},
     job_id UUID NOT NULL,
     core_version TEXT NOT NULL,
     summary JSONB NOT NULL,
     made_at TIMESTAMPTZ NOT NULL DEFAULT now(),
     PRIMARY KEY (crew_id, job_id),
     CONSTRAINT job_summaries_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE)`,
  `CREATE TABLE handovers (
     ${crewColumn},
     job_id UUID NOT NULL,
     id UUID NOT NULL,
     handed_over_at TIMESTAMPTZ NOT NULL,
     author TEXT NOT NULL,
     core_version TEXT NOT NULL,
     record JSONB NOT NULL,
     PRIMARY KEY (crew_id, job_id, id),
     CONSTRAINT handovers_job FOREIGN KEY (crew_id, job_id) REFERENCES jobs (crew_id, id) ON DELETE CASCADE)`,
];

const walls = [
  ...WALLED.flatMap((table) => [
    `ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY`,
    `ALTER TABLE ${table} FORCE ROW LEVEL SECURITY`,
    `CREATE POLICY own_crew ON ${table} USING (crew_id = ${CREW}) WITH CHECK (crew_id = ${CREW})`,
  ]),
  `ALTER TABLE crews ENABLE ROW LEVEL SECURITY`,
  `ALTER TABLE crews FORCE ROW LEVEL SECURITY`,
  `CREATE POLICY own_crew ON crews USING (id = ${CREW}) WITH CHECK (id = ${CREW})`,
];

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  for (const statement of [...crews, ...keys, ...visits, ...readings, ...kept, ...walls])
    await schema.sequelize.query(statement, within);
};
