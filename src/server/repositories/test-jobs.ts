import { randomUUID } from 'node:crypto';
import { blankJob, renamed } from '../../core/job/document';
import { type Reading, type TakenReading, takenReading } from '../../core/job/reading';
import { NO_HISTORY } from '../../core/job/stored-job';
import { FIRST_CREW, scopeOf } from '../crew';
import { addToJob } from './add-to-job';
import { createJob } from './jobs';

/** The tests' crew. */
export const TEST_CREW = scopeOf({ crewId: FIRST_CREW });

/** Visit of readings that name no other. */
const VISIT = randomUUID();
/** Adds readings to a job; false if there is no such job. */
export const addReadings = async (jobId: string, rows: readonly Reading[]) =>
  (await addToJob(TEST_CREW, jobId, 'readings', { rows, visits: [], sentAt: null, signed: (row) => row })) !== null;
/** A reading for tests. */
export const reading = (change: Partial<TakenReading> = {}): Reading =>
  takenReading({
    visit: VISIT,
    id: randomUUID(),
    item: 'conditions/outdoor',
    value: 21,
    place: null,
    at: '2026-01-05T12:00:00.000Z',
    author: 'E. V.',
    instrument: 'probe',
    replaces: null,
    ...change,
  });
/** A separate blank job. */
export const make = async (name = `job ${randomUUID()}`) =>
  (await createJob(TEST_CREW, randomUUID(), renamed(blankJob(), name), NO_HISTORY, null, 'tester'))!.job;
/** A save of one fact on a revision. */
export const change = (
  path: 'house.designBtuh' | 'house.noLoadF',
  value: number,
  baseRevision: number,
  saveId = randomUUID(),
) => ({
  saveId,
  baseRevision,
  changes: [{ path, value }],
  author: 'tester',
});
