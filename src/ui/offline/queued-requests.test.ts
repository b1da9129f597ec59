import { toJobFile } from '@/core/formats/job-file';
import type { HandoverRecord } from '@/core/handover/record';
import { blankJob } from '@/core/job/document';
import { NO_HISTORY } from '@/core/job/stored-job';
import { blankProfile } from '@/core/setup/profiles/edit';
import { kindOfRequest, REQUEST_KINDS, type RequestKind } from '@/core/sync/queue/queued-request';
import {
  archivedJob,
  duplicatedJob,
  handedOverJob,
  jobNote,
  newController,
  newJob,
  type NewRequest,
  newWeatherYear,
  playedRound,
} from '@/core/sync/queue/requests';
import { memoryStorage } from '../storage/memory-storage';
import {
  dropRequest,
  isQueued,
  queuedRequests,
  queueRequest,
  retryRequest,
  sendOrQueue,
  sendQueued,
  takeOverRequests,
} from './queued-requests';
import { takeWaitingFile, waitingFile, waitingHere, waitsHere } from './waiting';

const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const OTHER = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';
const IDS = [1, 2, 3].map((last) => `7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f200${last}`) as [string, string, string];
const ANA = { personId: 'ana', crewId: 'crew' };
const BO = { personId: 'bo', crewId: 'crew' };

const played = {
  id: IDS[0],
  round: 'first',
  seed: 1,
  isEndless: false,
  title: 'Round 1',
  at: '2026-02-01T10:00:00.000Z',
  result: 'found',
  seconds: 60,
  bestSeconds: 50,
  bestReadings: 3,
  readings: 4,
  toldNothing: 0,
} as const;
const year = { id: IDS[0], name: 'Attic', filled: 0, hoursF: [30], humidity: null };
const seen = { outdoorF: 30, indoorF: 70, printed: { name: 'Attic' } as HandoverRecord };

/** A request of each kind; several of a kind where they differ. */
const OF_EACH: readonly (readonly [RequestKind, NewRequest])[] = [
  ['new job', newJob(IDS[0], 'Attic', [{ path: 'house.noLoadF', value: 61 }], ANA)],
  ['job file', duplicatedJob(IDS[0], 'Attic, copy', toJobFile(IDS[0], blankJob(), NO_HISTORY, null), ANA)],
  ['job action', archivedJob(IDS[0], { jobId: JOB, name: 'Attic', revision: 4 }, ANA)],
  ['job action', handedOverJob(IDS[0], JOB, seen, ANA)],
  ['note', jobNote(IDS[0], JOB, 'Bring the label', ANA)],
  ['note', jobNote(IDS[0], JOB, '', ANA)],
  ['controller', newController(IDS[0], blankProfile('attic-1', 'Attic', 'thermostat'), ANA)],
  ['weather', newWeatherYear(year, ANA)],
  ['practice', playedRound(played, ANA)],
];

const note = (change: Partial<NewRequest> = {}): NewRequest => ({
  ...jobNote(IDS[0], JOB, 'Bring the label', ANA),
  ...change,
});
const begun = newJob(JOB, 'Attic', [], ANA);
const noteTo = (jobId: string, id: string) => jobNote(id, jobId, 'Bring the label', ANA);
const NO_WAIT = () => false;

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

const noSignal = () => {
  throw new TypeError('no signal');
};

test('every kind of request that may wait is tried here', () =>
  expect([...new Set(OF_EACH.map(([kind]) => kind))].sort()).toEqual([...REQUEST_KINDS].sort()));

describe.each(OF_EACH)('%s: what any request that waits must do', (kind, request) => {
  test('it is told apart by its address', () => expect(kindOfRequest(request)).toBe(kind));

  test('without signal it waits, is counted, and is sent once when the signal is back', async () => {
    answers = noSignal;
    expect(await sendOrQueue(request)).toEqual({ kind: 'queued' });
    expect(queuedRequests('ana')).toEqual([{ ...request, at: expect.any(Number) }]);
    answers = () => Response.json({});
    expect(await sendQueued('ana', NO_WAIT)).toBe(true);
    expect(await sendQueued('ana', NO_WAIT)).toBe(true);
    expect([asked, queuedRequests('ana')]).toEqual([[request.path, request.path], []]);
  });

  test('a page that goes while it is sent loses nothing', () => {
    answers = () => new Response(new ReadableStream());
    void sendOrQueue(request);
    expect(queuedRequests('ana')).toHaveLength(1);
  });

  test('with signal nothing waits, done or refused', async () => {
    expect(await sendOrQueue(request)).toMatchObject({ kind: 'ok' });
    answers = () => Response.json({ error: 'must be better', path: '' }, { status: 400 });
    expect(await sendOrQueue(request)).toMatchObject({ kind: 'refused', error: 'must be better' });
    expect(queuedRequests('ana')).toEqual([]);
  });

  test('refused later, it stays with the reason until tried again or discarded', async () => {
    queueRequest(request);
    answers = () => Response.json({ error: 'must be better', path: '' }, { status: 400 });
    await sendQueued('ana', NO_WAIT);
    await sendQueued('ana', NO_WAIT);
    expect([asked.length, queuedRequests('ana')[0]?.problem]).toEqual([1, 'must be better']);
    answers = () => Response.json({});
    retryRequest(request.id);
    await sendQueued('ana', NO_WAIT);
    expect(queuedRequests('ana')).toEqual([]);
  });

  test('it is no one else’s; only one of the same crew can take it over', async () => {
    queueRequest(request);
    await sendQueued('bo', NO_WAIT);
    takeOverRequests({ personId: 'cy', crewId: 'another' });
    expect([asked, queuedRequests('ana').length]).toEqual([[], 1]);
    takeOverRequests(BO);
    expect([queuedRequests('ana'), queuedRequests('bo').length]).toEqual([[], 1]);
  });

  test('it is in the file that another device sends; a decision only as its author’s', () => {
    queueRequest(request);
    const file = waitingFile('ana');
    Object.assign(globalThis, { localStorage: memoryStorage() });
    const isDecision = kind === 'job action';
    expect(takeWaitingFile(file, BO)).toEqual({
      jobs: 0,
      profiles: 0,
      requests: isDecision ? 0 : 1,
      leftOut: isDecision ? 1 : 0,
    });
    expect(takeWaitingFile(file, ANA)).toMatchObject({ requests: 1 });
    // Under one id, so that it is sent once.
    expect(queuedRequests('bo').length + queuedRequests('ana').length).toBe(1);
  });
});

describe('what is done once the server is reached', () => {
  test('requested by two parts of a page at once, is requested once', async () => {
    queueRequest(begun);
    await Promise.all([sendQueued('ana', NO_WAIT), sendQueued('ana', NO_WAIT)]);
    expect([asked, queuedRequests('ana')]).toEqual([['/api/jobs'], []]);
  });

  test('waits in order while the server is not reached', async () => {
    queueRequest(begun);
    queueRequest(noteTo(JOB, IDS[1]));
    answers = noSignal;
    expect(await sendQueued('ana', NO_WAIT)).toBe(false);
    expect([asked, queuedRequests('ana').map(({ id }) => id)]).toEqual([['/api/jobs'], [JOB, IDS[1]]]);
  });

  test('keeps its order though the clock is set back in between', () => {
    jest.useFakeTimers({ now: 2_000_000 });
    queueRequest(begun);
    jest.setSystemTime(1_000_000);
    queueRequest(noteTo(JOB, IDS[1]));
    jest.useRealTimers();
    expect(queuedRequests('ana').map(({ id }) => id)).toEqual([JOB, IDS[1]]);
  });

  test('refused, blocks nothing but what follows it on its job', async () => {
    queueRequest(begun);
    queueRequest(noteTo(OTHER, IDS[1]));
    answers = (path) =>
      path === '/api/jobs' ? Response.json({ error: 'must be better', path: '' }, { status: 400 }) : Response.json({});
    await sendQueued('ana', NO_WAIT);
    expect(queuedRequests('ana').map(({ id, problem }) => [id, problem])).toEqual([[JOB, 'must be better']]);
    expect(isQueued(JOB, 'before', 'ana')).toBe(true);
    asked.length = 0;
    // A note on the job that does not exist yet is not even tried.
    expect(await sendOrQueue(noteTo(JOB, IDS[2]))).toEqual({ kind: 'queued' });
    expect(asked).toEqual([]);
    dropRequest(JOB);
    await sendQueued('ana', NO_WAIT);
    expect([asked.length, queuedRequests('ana')]).toEqual([1, []]);
  });

  test('what follows a job’s unsent entries waits until they are sent', async () => {
    queueRequest(note());
    await sendQueued('ana', (about) => about === JOB);
    expect([asked, isQueued(JOB, 'after', 'ana')]).toEqual([[], true]);
    await sendQueued('ana', NO_WAIT);
    expect(isQueued(JOB, 'after', 'ana')).toBe(false);
  });

  test('an address that no request has is never asked, however it came here', async () => {
    const bad = { ...note(), path: '/api/crew/close', at: 1 };
    localStorage.setItem(`gate-cross:request:${bad.id}`, JSON.stringify(bad));
    await sendQueued('ana', NO_WAIT);
    expect([asked, queuedRequests('ana')]).toEqual([[], []]);
    const file = JSON.stringify({ format: 'gate-cross-waiting', fileVersion: 2, requests: [bad] });
    expect(takeWaitingFile(file, ANA)).toEqual({ jobs: 0, profiles: 0, requests: 0, leftOut: 1 });
  });

  test('the list that the version before stored is sent like any other', async () => {
    const old = [
      { ...begun, at: 5 },
      { ...note(), at: 6, problem: 'must be better' },
    ];
    localStorage.setItem('gate-cross:errands', JSON.stringify(old));
    expect(queuedRequests('ana')).toEqual(old);
    expect(localStorage.getItem('gate-cross:errands')).toBe(null);
    await sendQueued('ana', NO_WAIT);
    expect([asked, queuedRequests('ana').map(({ id }) => id)]).toEqual([['/api/jobs'], [IDS[0]]]);
  });
});

const row = (id: string) => ({
  id,
  item: 'conditions/outdoor',
  value: 31,
  place: null,
  at: '2026-02-01T10:00:00.000Z',
  author: 'Ana',
  instrument: '',
  replaces: null,
});

describe('what waits on the device', () => {
  const keep = (job: string, tab: string, change: object = {}) =>
    localStorage.setItem(
      `gate-cross:draft:${job}:${tab}`,
      JSON.stringify({
        baseRevision: 1,
        pending: {},
        outbox: [row(IDS[0]), row(IDS[1])],
        marksOut: [],
        touchedAt: 5,
        ...change,
      }),
    );

  test('is counted by job, the oldest first, another person’s separately; text in fields does not count', () => {
    keep(JOB, 'a~ana', { touchedAt: 9, pending: { 'house.noLoadF': 60 } });
    keep(JOB, 'b~ana');
    keep(OTHER, 'a~bo', { touchedAt: 3 });
    keep('x', 'a~ana', { outbox: [], typed: { x: {} } });
    expect(waitingHere('ana')).toEqual([
      { kind: 'job', id: OTHER, isOthers: true, crewId: undefined, count: 2, touchedAt: 3 },
      { kind: 'job', id: JOB, isOthers: false, crewId: undefined, count: 5, touchedAt: 5 },
    ]);
    expect([waitsHere(JOB, 'ana'), waitsHere('x', 'ana'), waitsHere(OTHER, 'ana')]).toEqual([true, false, false]);
  });

  test('moves as a file to another device; any other file is refused', () => {
    keep(JOB, 'a~ana');
    keep(OTHER, 'a~bo');
    const file = waitingFile('ana');
    Object.assign(globalThis, { localStorage: memoryStorage() });
    expect([takeWaitingFile('{}', BO), takeWaitingFile('no', BO), waitingHere('bo')]).toEqual([null, null, []]);
    expect(takeWaitingFile(file, BO)).toEqual({ jobs: 1, profiles: 0, requests: 0, leftOut: 0 });
    expect(waitingHere('bo')).toEqual([
      { kind: 'job', id: JOB, isOthers: false, crewId: 'crew', count: 2, touchedAt: 0 },
    ]);
  });

  test('edits of a controller are counted and moved too', () => {
    const draft = { baseRevision: 2, profile: blankProfile('attic-1', 'Attic', 'thermostat'), touchedAt: 7 };
    localStorage.setItem('gate-cross:draft:profile:attic-1:a~ana', JSON.stringify(draft));
    const here = { kind: 'profile', id: 'attic-1', isOthers: false, count: 1 };
    expect(waitingHere('ana')).toEqual([{ ...here, crewId: undefined, touchedAt: 7 }]);
    const file = waitingFile('ana');
    Object.assign(globalThis, { localStorage: memoryStorage() });
    expect(takeWaitingFile(file, BO)).toEqual({ jobs: 0, profiles: 1, requests: 0, leftOut: 0 });
    expect(waitingHere('bo')).toEqual([{ ...here, crewId: 'crew', touchedAt: 0 }]);
  });

  test('a file of the version before, with jobs alone, is imported; unreadable entries are counted', () => {
    const draft = { baseRevision: 1, pending: {}, outbox: [row(IDS[0]), { id: 'torn' }], marksOut: [], touchedAt: 5 };
    const file = { format: 'gate-cross-waiting', fileVersion: 1, drafts: [{ jobId: JOB, draft }] };
    expect(takeWaitingFile(JSON.stringify(file), BO)).toMatchObject({ jobs: 1, leftOut: 1 });
    expect(waitingHere('bo')).toMatchObject([{ id: JOB, count: 1 }]);
  });
});
