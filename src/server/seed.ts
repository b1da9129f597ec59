import { documentOf } from '../core/formats/job-file';
import { sampleFile } from '../core/formats/sample-file';
import { SAMPLES } from '../core/samples';
import { closeDatabase } from './database';
import { models } from './models';
import { createJob } from './repositories/jobs';

/** Loads the sample jobs; with --reset, after emptying the database. */
const { JobRow, sequelize } = models();
if (process.argv.includes('--reset')) await sequelize.query('TRUNCATE jobs, saves CASCADE');
if ((await JobRow.count()) === 0) {
  for (const sample of [...SAMPLES].reverse()) {
    const file = sampleFile(sample);
    await createJob(file.id, documentOf(file), file, file.handedOverAt, 'demo data');
  }
  console.log(`Loaded ${SAMPLES.length} sample jobs.`);
} else console.log('Jobs are there already; demo data left as it is.');
await closeDatabase();
