import { memoryStorage } from '../storage/memory-storage';
import { dropRequest, isQueued, type QueuedRequest, queuedRequests, queueRequest, sendQueued } from './queued-requests';
import { takeWaitingFile, waitingFile, waitingHere, waitsHere } from './waiting';

const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const BO = { personId: 'bo', crewId: 'crew' };
const OTHER = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';
const errand = (change: Partial<QueuedRequest> = {}): Omit<QueuedRequest, 'at'> => ({
  id: 'one',
  about: JOB,
  personId: 'ana',
  phase: 'before',
  words: 'New job: Attic',
  path: '/api/jobs',
  method: 'POST',
  body: { id: JOB },
  ...change,
});

let answers: (path: string) => Response;
const asked: string[] = [];

beforeEach(() => {
  asked.length = 0;
  answers = () => Response.json({});
  Object.assign(globalThis, {
    localStorage: memoryStorage(),
    fetch: async (path: string) => {
      asked.push(path);
      return answers(path);
    },
  });
});

describe('what is done once the server is reached', () => {
  test('belongs to whoever asked for it, is done once, and is then forgotten', async () => {
    queueRequest(errand());
    queueRequest(errand({ id: 'two', personId: 'bo' }));
    expect([queuedRequests('ana').length, isQueued(JOB, 'before', 'ana'), isQueued(JOB, 'after', 'ana')]).toEqual([
      1,
      true,
      false,
    ]);
    await sendQueued('ana', () => false);
    expect([asked, queuedRequests('ana'), queuedRequests('bo').length]).toEqual([['/api/jobs'], [], 1]);
  });

  test('requested by two parts of a page at once, is requested once', async () => {
    queueRequest(errand());
    await Promise.all([sendQueued('ana', () => false), sendQueued('ana', () => false)]);
    expect([asked, queuedRequests('ana')]).toEqual([['/api/jobs'], []]);
  });

  test('waits in order while the server is not reached', async () => {
    queueRequest(errand());
    queueRequest(errand({ id: 'two', path: '/api/jobs/two' }));
    answers = () => {
      throw new TypeError('no signal');
    };
    await sendQueued('ana', () => false);
    expect([asked, queuedRequests('ana').map(({ id }) => id)]).toEqual([['/api/jobs'], ['one', 'two']]);
  });

  test('refused, stays with the reason, blocks nothing, and can be discarded', async () => {
    queueRequest(errand());
    queueRequest(errand({ id: 'two', path: '/api/jobs/two' }));
    answers = (path) =>
      path === '/api/jobs' ? Response.json({ error: 'must be better', path: '' }, { status: 400 }) : Response.json({});
    await sendQueued('ana', () => false);
    expect(queuedRequests('ana')).toEqual([{ ...errand(), at: expect.any(Number), problem: 'must be better' }]);
    // A refused prerequisite still blocks: what follows it would be refused as well.
    expect(isQueued(JOB, 'before', 'ana')).toBe(true);
    await sendQueued('ana', () => false);
    expect(asked.length).toBe(2);
    dropRequest('one');
    expect(queuedRequests('ana')).toEqual([]);
  });

  test('what follows a job’s unsent entries waits until they are sent', async () => {
    queueRequest(errand({ phase: 'after' }));
    await sendQueued('ana', (about) => about === JOB);
    expect([asked, isQueued(JOB, 'after', 'ana')]).toEqual([[], true]);
    await sendQueued('ana', () => false);
    expect(isQueued(JOB, 'after', 'ana')).toBe(false);
  });
});

describe('what waits on the device', () => {
  const keep = (job: string, tab: string, change: object = {}) =>
    localStorage.setItem(
      `gate-cross:draft:${job}:${tab}`,
      JSON.stringify({ baseRevision: 1, pending: {}, outbox: [{}, {}], marksOut: [], touchedAt: 5, ...change }),
    );

  test('is counted by job, the oldest first, another person’s separately; text in fields does not count', () => {
    keep(JOB, 'a~ana', { touchedAt: 9, pending: { 'house.noLoadF': 60 } });
    keep(JOB, 'b~ana');
    keep(OTHER, 'a~bo', { touchedAt: 3 });
    keep('x', 'a~ana', { outbox: [], typed: { x: {} } });
    expect(waitingHere('ana')).toEqual([
      { jobId: OTHER, isOthers: true, crewId: undefined, count: 2, touchedAt: 3 },
      { jobId: JOB, isOthers: false, crewId: undefined, count: 5, touchedAt: 5 },
    ]);
    expect([waitsHere(JOB, 'ana'), waitsHere('x', 'ana'), waitsHere(OTHER, 'ana')]).toEqual([true, false, false]);
  });

  test('moves as a file to another device; any other file is refused', () => {
    keep(JOB, 'a~ana');
    keep(OTHER, 'a~bo');
    const file = waitingFile('ana');
    Object.assign(globalThis, { localStorage: memoryStorage() });
    expect([takeWaitingFile('{}', BO), takeWaitingFile('no', BO), waitingHere('bo')]).toEqual([null, null, []]);
    expect(takeWaitingFile(file, BO)).toBe(1);
    expect(waitingHere('bo')).toEqual([{ jobId: JOB, isOthers: false, crewId: 'crew', count: 2, touchedAt: 0 }]);
  });
});
