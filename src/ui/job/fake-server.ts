import { randomUUID } from 'node:crypto';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { applyChanges, blankJob, type FactChange } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import type { Visit } from '@/core/job/visit';
import { placeOnVisits } from '@/core/job/visits';
import { usePerson } from '../person/person';
import { memoryStorage } from '../storage/memory-storage';
import { createJobStore, type JobStore } from './store';

interface Sent {
  readonly method: string;
  readonly body: {
    saveId?: string;
    baseRevision?: number;
    changes?: FactChange[];
    readings?: { id: string; value: unknown }[];
    visits?: Visit[];
  };
}

/** A test server for one job: it keeps revisions like the real one, and can be lost. */
const fakeServer = () => {
  const job: StoredJob = {
    id: randomUUID(),
    revision: 1,
    document: blankJob(),
    readings: [],
    settingMarks: [],
    visits: [],
    handedOverAt: null,
    archivedAt: null,
    updatedAt: '2026-01-01T00:00:00.000Z',
    updatedBy: '',
  };
  const server = {
    job,
    sent: [] as Sent[],
    mode: 'answers' as 'answers' | 'lost' | 'answer is lost' | 'refuses' | 'fails',
    /** A reading that it refuses. */
    spurned: NaN,
    saveIds: new Set<string>(),
    /** Someone else saves. */
    elsewhere: (changes: FactChange[]) => {
      server.job = {
        ...server.job,
        revision: server.job.revision + 1,
        document: applyChanges(server.job.document, changes),
        updatedBy: 'else',
      };
    },
    fetch: async (path: string, init: { method: string; body: string }): Promise<Response> => {
      const sent: Sent = { method: init.method, body: JSON.parse(init.body) };
      server.sent.push(sent);
      if (server.mode === 'lost') throw new TypeError('fetch failed');
      if (server.mode === 'refuses')
        return Response.json({ error: 'must be better', path: 'changes[0].value' }, { status: 400 });
      if (server.mode === 'fails') return Response.json({ error: 'Something went wrong.', path: '' }, { status: 500 });
      const { readings, changes = [], baseRevision, saveId = '' } = sent.body;
      if (path.endsWith('/readings')) {
        if ((readings as { value: number }[]).some(({ value }) => value === server.spurned))
          return Response.json({ error: 'no such value', path: 'readings[0].value' }, { status: 400 });
        const known = new Set(server.job.readings.map(({ id }) => id));
        const fresh = (readings as Reading[]).filter(({ id }) => !known.has(id));
        const { done, begun } = placeOnVisits(server.job, sent.body.visits ?? [], fresh);
        server.job = {
          ...server.job,
          readings: [...server.job.readings, ...done],
          visits: [...server.job.visits, ...begun],
        };
        if (server.mode === 'answer is lost') throw new TypeError('connection reset');
        const landed = new Map(server.job.readings.map((row) => [row.id, row]));
        const rows = readings!.map(({ id }) => landed.get(id)!);
        return Response.json({ rows, visits: server.job.visits }, { status: 201 });
      }
      if (!server.saveIds.has(saveId)) {
        if (baseRevision !== server.job.revision)
          return Response.json({ error: 'stale', path: '', job: server.job }, { status: 409 });
        server.job = {
          ...server.job,
          revision: server.job.revision + 1,
          document: applyChanges(server.job.document, changes),
        };
        server.saveIds.add(saveId);
      }
      if (server.mode === 'answer is lost') throw new TypeError('connection reset');
      return Response.json(server.job);
    },
  };
  return server;
};

/** The running test's server. */
export let server: ReturnType<typeof fakeServer>;
let stop: () => void = () => undefined;

/** Opens a job as a page does. */
export const open = (job = server.job): JobStore => {
  const store = createJobStore(job, DEFAULT_MOMENT);
  stop = store.getState().start();
  return store;
};

/** Leaves the page, with its stored state. */
export const leave = () => stop();

/** From here on another tab of the same device is open; the previous one is closed. */
export const openTabAfresh = () => Object.assign(globalThis, { sessionStorage: memoryStorage() });

/** Lets timers run and answers arrive. */
export const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

/** A fresh server, device and clock. */
export const startAfresh = () => {
  jest.useFakeTimers({ now: Date.parse('2026-02-01T10:00:00Z') });
  server = fakeServer();
  Object.assign(globalThis, {
    localStorage: memoryStorage(),
    sessionStorage: memoryStorage(),
    window: { addEventListener: () => undefined, removeEventListener: () => undefined },
    fetch: (path: string, init: never) => server.fetch(path, init),
  });
  usePerson.setState({ author: 'R. Achterberg', instrument: 'clamp 2' });
};

/** Gives each test of a file a fresh server, device and clock. */
export const eachWithItsOwn = () => {
  beforeEach(startAfresh);

  afterEach(() => {
    stop();
    jest.useRealTimers();
  });
};

/** Two facts to change. */
export const load = 'house.designBtuh' as const;
export const noLoad = 'house.noLoadF' as const;
