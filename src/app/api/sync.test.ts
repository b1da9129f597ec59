import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import type { StoredJob } from '@/core/job/stored-job';
import type { Answer } from '@/core/sync/answer';
import type { SyncServer } from '@/core/sync/job/fake-devices';
import { anAct, atRest, playHistory } from '@/core/sync/job/fake-history';
import { closeDatabase } from '@/server/database';
import { signInAs, testRequest } from '@/server/http/test-request';
import { POST as addReadings } from './jobs/[jobId]/readings/route';
import { GET as getJob, PATCH as saveJob } from './jobs/[jobId]/route';
import { POST as createJob } from './jobs/route';

beforeAll(() => signInAs('technician'));
afterAll(closeDatabase);

const answerOf = async (response: Response): Promise<Answer<unknown>> => {
  const body = (await response.json()) as { error?: string; path?: string };
  return response.ok
    ? { kind: 'ok', value: body }
    : { kind: 'refused', status: response.status, error: body.error ?? '', path: body.path ?? '', body };
};

/** The real routes on the real database, with a separate job. */
const realServer = async (): Promise<SyncServer> => {
  const id = randomUUID();
  const context = { params: Promise.resolve({ jobId: id }) };
  await createJob(testRequest({ id, from: 'blank', name: `sync ${id}` }), {} as never);
  return {
    answer: async ({ method, body }) =>
      answerOf(await (method === 'PATCH' ? saveJob : addReadings)(testRequest(body), context)),
    job: async () => (await (await getJob(testRequest(), context)).json()) as StoredJob,
  };
};

test('the same histories converge against the real routes and database', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anAct, { minLength: 10, maxLength: 40 }), async (acts) => {
      const server = await realServer();
      const { read, landed, wrong, states } = await playHistory(server, acts);
      expect(landed).toEqual(read);
      expect(wrong).toEqual([]);
      expect(states).toEqual(atRest(await server.job()));
    }),
    // A history is some hundred requests to the real database: four in every run, forty in the sweep.
    { numRuns: process.env.SWEEP ? 40 : 4 },
  );
}, 1_800_000);
