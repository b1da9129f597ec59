import { randomUUID } from 'node:crypto';
import { DEFAULT_MOMENT } from '../core/control/moment';
import { documentOf } from '../core/formats/job-file';
import { sampleFile } from '../core/formats/sample-file';
import { lastRecord } from '../core/handover/last-record';
import { lastReadings, lastVisit } from '../core/job/visits';
import { SAMPLES } from '../core/samples';
import { momentOf } from '../core/startup/conditions';
import { type CrewScope, FIRST_CREW, inCrew, scopeOf } from './crew';
import { closeDatabase, ownerDatabase } from './database';
import { DEMO_CREWS } from './demo-crews';
import { makeCrew } from './make-crew';
import { models } from './models';
import { crewByHandle, nameCrew } from './repositories/crews';
import { keepHandover } from './repositories/handovers';
import { createJob } from './repositories/jobs';
import { addPerson } from './repositories/people';

const [OWN, OTHER] = DEMO_CREWS;

const loadSample = (scope: CrewScope, sample: (typeof SAMPLES)[number], id?: string) => {
  const file = sampleFile(sample);
  return inCrew(scope, async () => {
    const made = await createJob(scope, id ?? file.id, documentOf(file), file, file.handedOverAt, 'demo data');
    const { job } = made!;
    if (job.handedOverAt === null) return;
    const moment = momentOf(job.document.facts, lastReadings(job), DEFAULT_MOMENT);
    await keepHandover(
      job.id,
      lastRecord(job, moment),
      lastVisit(job.visits)?.author ?? '',
      new Date(job.handedOverAt),
    );
  });
};

const nameDemoCrew = (scope: CrewScope, { name, handle, people }: (typeof DEMO_CREWS)[number]) =>
  inCrew(scope, async () => {
    if (!(await nameCrew(scope, name, handle, true))) return;
    for (const person of people) await addPerson(scope, person);
  });

/** Loads the sample jobs and the made-up crews; --reset deletes all jobs first. */
const first = scopeOf({ crewId: FIRST_CREW });
if (process.argv.includes('--reset')) await ownerDatabase().query('TRUNCATE jobs, saves CASCADE');
if ((await inCrew(first, () => models().JobRow.count())) === 0) {
  for (const sample of [...SAMPLES].reverse()) await loadSample(first, sample);
  console.log(`Loaded ${SAMPLES.length} sample jobs.`);
} else console.log('Jobs are there already; demo data left as it is.');
await nameDemoCrew(first, OWN!);
if (!(await crewByHandle(OTHER!.handle))) {
  const other = await makeCrew();
  await nameDemoCrew(other, OTHER!);
  await loadSample(other, SAMPLES[1]!, randomUUID());
}
await closeDatabase();
