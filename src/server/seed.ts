import { DEFAULT_MOMENT } from '../core/control/moment';
import { documentOf } from '../core/formats/job-file';
import { sampleFile } from '../core/formats/sample-file';
import { lastReadings, lastVisit } from '../core/job/visits';
import { SAMPLES } from '../core/samples';
import { momentOf } from '../core/startup/conditions';
import { inCrew } from './crew';
import { closeDatabase, ownerDatabase } from './database';
import { models } from './models';
import { keepHandover } from './repositories/handovers';
import { createJob } from './repositories/jobs';

/** Loads the sample jobs; with --reset, after emptying the database. */
if (process.argv.includes('--reset')) await ownerDatabase().query('TRUNCATE jobs, saves CASCADE');
if ((await inCrew(() => models().JobRow.count())) === 0) {
  for (const sample of [...SAMPLES].reverse()) {
    const file = sampleFile(sample);
    await inCrew(async () => {
      const { job } = (await createJob(file.id, documentOf(file), file, file.handedOverAt, 'demo data'))!;
      if (job.handedOverAt === null) return;
      const moment = momentOf(job.document.facts, lastReadings(job), DEFAULT_MOMENT);
      await keepHandover(job, moment, lastVisit(job.visits)?.author ?? '', new Date(job.handedOverAt));
    });
  }
  console.log(`Loaded ${SAMPLES.length} sample jobs.`);
} else console.log('Jobs are there already; demo data left as it is.');
await closeDatabase();
