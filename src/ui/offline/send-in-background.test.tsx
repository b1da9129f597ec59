import { jobNote } from '@/core/sync/queue/requests';
import { setDeviceUser } from './device-user';
import { queuedRequests, queueRequest } from './queued-requests';
import { sendInBackground } from './send-in-background';

const ANA = { personId: 'ana', crewId: 'crew' };
const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const NOTE = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';

let isReached: boolean;
let asked: string[];
let stop: () => void;

beforeEach(() => {
  jest.useFakeTimers();
  jest.spyOn(Math, 'random').mockReturnValue(0.5);
  localStorage.clear();
  [isReached, asked] = [true, []];
  globalThis.fetch = (async (path: string) => {
    asked.push(path);
    if (!isReached) throw new TypeError('no signal');
    return Response.json({});
  }) as typeof fetch;
  setDeviceUser({ ...ANA, me: 'Ana', role: 'lead', names: ['Ana'], instruments: [] });
  stop = sendInBackground();
});
afterEach(() => {
  stop();
  jest.restoreAllMocks();
  jest.useRealTimers();
});

const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

test('what waits goes out soon after a page opens, whichever page it is', async () => {
  queueRequest(jobNote(NOTE, JOB, 'Bring the label', ANA));
  await pass(2000);
  expect([asked, queuedRequests('ana')]).toEqual([[`/api/jobs/${JOB}/notes`], []]);
});

test('nothing waits, and nothing is asked', async () => {
  await pass(120_000);
  expect(asked).toEqual([]);
});

test('without a server it tries less and less often, and at once when the signal is back', async () => {
  isReached = false;
  queueRequest(jobNote(NOTE, JOB, 'Bring the label', ANA));
  await pass(60_000);
  const inFirstMinute = asked.length;
  await pass(60_000);
  expect(inFirstMinute).toBeGreaterThan(4);
  expect(asked.length - inFirstMinute).toBeLessThan(inFirstMinute);
  isReached = true;
  window.dispatchEvent(new Event('online'));
  await pass(100);
  expect(queuedRequests('ana')).toEqual([]);
});

test('a page that is gone asks nothing more', async () => {
  isReached = false;
  queueRequest(jobNote(NOTE, JOB, 'Bring the label', ANA));
  await pass(3000);
  stop();
  const before = asked.length;
  await pass(120_000);
  expect(asked.length).toBe(before);
});
