import { documentOf } from '../../src/core/formats/job-file';
import { sampleFile } from '../../src/core/formats/sample-file';
import { jobOutline } from '../../src/core/job-list/job-outline';
import { SAMPLES } from '../../src/core/samples';
import { coreVersion } from '../../src/server/core-version';
import { FIRST_CREW, inCrew, scopeOf } from '../../src/server/crew';
import { database } from '../../src/server/database';

/** The crew with ten thousand jobs. */
export const CREW = scopeOf({ crewId: FIRST_CREW });
export const JOBS = 10_000;

const file = sampleFile(SAMPLES[1]!);
const document = documentOf(file);
const outline = jobOutline({ ...file, document });

/** Fills the crew with jobs, each with its summary for the job list. */
export const fillJobs = () =>
  inCrew(CREW, async () => {
    const words = ['quarry', 'juniper', 'cinder', 'spur', 'flume', 'bench', 'creek', 'mesa'];
    await database().query(
      `INSERT INTO jobs (id, revision, file_version, document, name, customer, street, town, created_at, updated_at)
       SELECT gen_random_uuid(), 1, 2, :document::jsonb,
              'Job ' || n || ' ' || (:words::text[])[1 + n % 8], 'Customer ' || n * 7919 % 10007,
              n % 900 || ' ' || (:words::text[])[1 + n * 31 % 8] || ' Road', 'Sorrel Basin',
              now(), now() - n * interval '7 minutes'
       FROM generate_series(1, ${JOBS}) n`,
      { replacements: { document: JSON.stringify(document), words: `{${words.join(',')}}` } },
    );
    await database().query(
      `INSERT INTO job_summaries (job_id, core_version, summary)
       SELECT id, :version, :outline::jsonb FROM jobs ON CONFLICT DO NOTHING`,
      { replacements: { version: coreVersion(), outline: JSON.stringify(outline) } },
    );
  });
