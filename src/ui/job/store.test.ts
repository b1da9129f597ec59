import { randomUUID } from 'node:crypto';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { applyChanges, blankJob, type FactChange } from '@/core/job/document';
import { type Reading, type TakenReading, takenReading } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import type { Visit } from '@/core/job/visit';
import { placeOnVisits } from '@/core/job/visits';
import { usePerson } from '../person';
import { createJobStore, type JobStore } from './store';

/** A browser's storage, as far as the store uses it. */
const memoryStorage = () => {
  const kept: Record<string, string> = {};
  return Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => void (kept[key] = value) },
    removeItem: { value: (key: string) => void delete kept[key] },
  }) as unknown as Storage;
};

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

/** A server for one job: it keeps revisions as the real one does, and can be lost. */
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
    /** A reading that it does not take. */
    spurned: NaN,
    lastSaveId: '',
    /** Somebody else saves. */
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
        const { done, begun } = placeOnVisits(server.job, sent.body.visits ?? [], readings as Reading[]);
        server.job = {
          ...server.job,
          readings: [...server.job.readings, ...done],
          visits: [...server.job.visits, ...begun],
        };
        return Response.json({ rows: done, visits: server.job.visits }, { status: 201 });
      }
      if (saveId !== server.lastSaveId) {
        if (baseRevision !== server.job.revision)
          return Response.json({ error: 'stale', path: '', job: server.job }, { status: 409 });
        server.job = {
          ...server.job,
          revision: server.job.revision + 1,
          document: applyChanges(server.job.document, changes),
        };
        server.lastSaveId = saveId;
      }
      if (server.mode === 'answer is lost') throw new TypeError('connection reset');
      return Response.json(server.job);
    },
  };
  return server;
};

let server: ReturnType<typeof fakeServer>;
let stop: () => void = () => undefined;

const open = (job = server.job): JobStore => {
  const store = createJobStore(job, DEFAULT_MOMENT);
  stop = store.getState().start();
  return store;
};

/** Lets timers run and answers arrive. */
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  jest.useFakeTimers({ now: Date.parse('2026-02-01T10:00:00Z') });
  server = fakeServer();
  Object.assign(globalThis, {
    localStorage: memoryStorage(),
    sessionStorage: memoryStorage(),
    window: { addEventListener: () => undefined, removeEventListener: () => undefined },
    fetch: (path: string, init: never) => server.fetch(path, init),
  });
  usePerson.setState({ author: 'R. Achterberg', instrument: 'clamp 2' });
});

afterEach(() => {
  stop();
  jest.useRealTimers();
});

const load = 'house.designBtuh' as const;
const noLoad = 'house.noLoadF' as const;

test('a change saves itself shortly after, with the revision it was made on, and is confirmed', async () => {
  const store = open();
  store.getState().setFact(load, 41_000);
  expect(store.getState()).toMatchObject({ saveState: 'waiting', facts: { house: { designBtuh: 41_000 } } });
  await pass(1000);
  expect(store.getState()).toMatchObject({ saveState: 'saved', pending: {}, saved: { revision: 2 } });
  expect(store.getState().confirmed.has(load)).toBe(true);
  expect(server.sent.map(({ body }) => [body.baseRevision, body.changes])).toEqual([
    [1, [{ path: load, value: 41_000 }]],
  ]);
});

test('changes made in one breath go out in one save', async () => {
  const store = open();
  store.getState().setFact(load, 41_000);
  await pass(200);
  store.getState().setFact(noLoad, 60);
  await pass(1000);
  expect(server.sent).toHaveLength(1);
  expect(server.job.document.facts.house).toMatchObject({ designBtuh: 41_000, noLoadF: 60 });
});

test('what changes again while a save is under way is saved after it, and nothing is lost', async () => {
  const store = open();
  let release: (() => void) | undefined;
  const real = server.fetch;
  server.fetch = async (...args) => {
    await new Promise<void>((resolve) => (release = resolve));
    return real(...args);
  };
  store.getState().setFact(load, 41_000);
  await pass(600);
  store.getState().setFact(load, 42_000);
  server.fetch = real;
  release!();
  await pass(2000);
  expect(server.job.document.facts.house.designBtuh).toBe(42_000);
  expect(store.getState()).toMatchObject({ saveState: 'saved', facts: { house: { designBtuh: 42_000 } } });
});

describe('a lost server', () => {
  test('keeps the change, says so, and saves when it is back', async () => {
    server.mode = 'lost';
    const store = open();
    store.getState().setFact(load, 41_000);
    await pass(1000);
    expect(store.getState().saveState).toBe('lost');
    expect(Object.keys(localStorage)).toHaveLength(1);
    server.mode = 'answers';
    await pass(4000);
    expect(store.getState().saveState).toBe('saved');
    expect(server.job.document.facts.house.designBtuh).toBe(41_000);
    expect(Object.keys(localStorage)).toHaveLength(0);
  });

  test('whose answer was lost gets the same save again, and it lands once', async () => {
    server.mode = 'answer is lost';
    const store = open();
    store.getState().setFact(load, 41_000);
    await pass(1000);
    expect([server.job.revision, store.getState().saveState]).toEqual([2, 'lost']);
    server.mode = 'answers';
    await pass(4000);
    expect([server.job.revision, store.getState().saveState]).toEqual([2, 'saved']);
    expect(new Set(server.sent.map(({ body }) => body.saveId)).size).toBe(1);
  });

  test('leaves a draft that the next page takes up', async () => {
    server.mode = 'lost';
    const before = open();
    before.getState().setFact(load, 41_000);
    before
      .getState()
      .addReading({ item: 'conditions/outdoor', value: 21, place: null, meterOhms: null, replaces: null });
    await pass(1000);
    stop();
    server.mode = 'answers';
    const after = open();
    expect(after.getState()).toMatchObject({ facts: { house: { designBtuh: 41_000 } }, readings: [{ value: 21 }] });
    await pass(2000);
    expect(after.getState().saveState).toBe('saved');
    expect([server.job.document.facts.house.designBtuh, server.job.readings.length]).toEqual([41_000, 1]);
  });

  test('another tab at work keeps its own draft; one that is gone leaves it', async () => {
    server.mode = 'lost';
    open().getState().setFact(load, 41_000);
    await pass(1000);
    stop();
    sessionStorage.setItem('gate-cross:tab', 'another');
    const early = open();
    expect(early.getState().pending).toEqual({});
    stop();
    await pass(15_000);
    expect(open().getState().pending).toEqual({ [load]: 41_000 });
  });
});

describe('a stale save', () => {
  const stale = async () => {
    const store = open();
    server.elsewhere([{ path: load, value: 30_000 }]);
    store.getState().setFact(load, 28_000);
    store.getState().setFact(noLoad, 58);
    await pass(1000);
    return store;
  };

  test('is refused, keeps both versions, and sends nothing more by itself', async () => {
    const store = await stale();
    expect(store.getState()).toMatchObject({
      saveState: 'stale',
      pending: { [load]: 28_000, [noLoad]: 58 },
      theirs: { document: { facts: { house: { designBtuh: 30_000 } } } },
    });
    const sent = server.sent.length;
    await pass(20_000);
    expect(server.sent).toHaveLength(sent);
    expect(server.job.document.facts.house.designBtuh).toBe(30_000);
  });

  test('ends with what was chosen, line by line', async () => {
    const store = await stale();
    store.getState().settleStale([noLoad]);
    await pass(1000);
    expect(store.getState()).toMatchObject({ saveState: 'saved', theirs: null });
    expect(server.job.document.facts.house).toMatchObject({ designBtuh: 30_000, noLoadF: 58 });
  });

  test('does not hold readings up', async () => {
    const store = await stale();
    store
      .getState()
      .addReading({ item: 'conditions/outdoor', value: 21, place: null, meterOhms: null, replaces: null });
    await pass(1000);
    expect(server.job.readings).toHaveLength(1);
    expect(store.getState().theirs).not.toBeNull();
  });

  test('is noticed too when a draft comes back to a job that went on', async () => {
    server.mode = 'lost';
    open().getState().setFact(load, 28_000);
    await pass(1000);
    stop();
    server.elsewhere([{ path: load, value: 30_000 }]);
    server.mode = 'answers';
    expect(open().getState()).toMatchObject({ saveState: 'stale', pending: { [load]: 28_000 } });
  });
});

test('a refused save says where, and the next correction goes out', async () => {
  server.mode = 'refuses';
  const store = open();
  store.getState().setFact(load, 41_000);
  await pass(1000);
  expect(store.getState()).toMatchObject({
    saveState: 'refused',
    problem: 'Heat loss at design: must be better',
    pending: { [load]: 41_000 },
  });
  server.mode = 'answers';
  store.getState().setFact(load, 42_000);
  await pass(1000);
  expect(store.getState().saveState).toBe('saved');
});

test('one reading that is refused holds up neither the others nor the facts; it stays here, and is said', async () => {
  server.spurned = 666;
  const store = open();
  for (const value of [21, 666, 22])
    store.getState().addReading({ item: 'conditions/outdoor', value, place: null, meterOhms: null, replaces: null });
  store.getState().setFact(load, 41_000);
  await pass(1000);
  expect(server.job.readings.map(({ value }) => value)).toEqual([21, 22]);
  expect(server.job.document.facts.house.designBtuh).toBe(41_000);
  expect(store.getState()).toMatchObject({ saveState: 'refused', problem: 'no such value', pending: {} });
  expect(store.getState().outbox.map(({ value }) => value)).toEqual([666]);
});

test('a save that the server fails at is not sent again and again by itself; it stays here, and is said', async () => {
  server.mode = 'fails';
  const store = open();
  store.getState().setFact(load, 41_000);
  await pass(60_000);
  expect(server.sent).toHaveLength(1);
  expect(store.getState()).toMatchObject({ saveState: 'refused', pending: { [load]: 41_000 } });
});

describe('a page left while a save is under way', () => {
  const left = async (mode: 'answer is lost' | 'lost') => {
    server.mode = mode;
    const before = open();
    before.getState().setFact(load, 41_000);
    await pass(600);
    before.getState().setFact(load, 42_000);
    stop();
    server.mode = 'answers';
  };

  test('finds its own save landed, and goes on from it', async () => {
    await left('answer is lost');
    const after = open();
    expect(after.getState()).toMatchObject({ theirs: null, facts: { house: { designBtuh: 42_000 } } });
    await pass(2000);
    expect([after.getState().saveState, server.job.revision, server.job.document.facts.house.designBtuh]).toEqual([
      'saved',
      3,
      42_000,
    ]);
  });

  test('sends it again as the same save where it is not seen yet, and it lands once', async () => {
    const seen = server.job;
    await left('answer is lost');
    const after = open(seen);
    await pass(2000);
    expect([after.getState().saveState, server.job.revision, server.job.document.facts.house.designBtuh]).toEqual([
      'saved',
      3,
      42_000,
    ]);
  });

  test('is stale where somebody else saved meanwhile', async () => {
    await left('lost');
    server.elsewhere([{ path: load, value: 30_000 }]);
    expect(open().getState()).toMatchObject({ saveState: 'stale', pending: { [load]: 42_000 } });
  });
});

describe('redo', () => {
  test('what was undone comes back in order, and a new entry ends it', () => {
    const store = open();
    const { setFact, undo, redo } = store.getState();
    setFact('house.noLoadF', 57);
    setFact('house.noLoadF', 58);
    undo();
    undo();
    redo();
    expect(store.getState().facts.house.noLoadF).toBe(57);
    redo();
    expect(store.getState().facts.house.noLoadF).toBe(58);
    redo();
    expect(store.getState().facts.house.noLoadF).toBe(58);
    undo();
    setFact('house.heatSetpointF', 70);
    expect(store.getState().redoable).toEqual([]);
    redo();
    expect(store.getState().facts.house.noLoadF).toBe(57);
  });
});

describe('undo', () => {
  test('goes back change by change, and saves each', async () => {
    const store = open();
    store.getState().setFact(load, 41_000);
    store.getState().setFact(load, 42_000);
    store.getState().undo();
    expect(store.getState().facts.house.designBtuh).toBe(41_000);
    store.getState().undo();
    await pass(1000);
    expect(server.job.document.facts.house.designBtuh).toBe(36_000);
    store.getState().undo();
    expect(store.getState().facts.house.designBtuh).toBe(36_000);
  });

  test('knows nothing of a preview', async () => {
    const store = open();
    store.getState().previewFact(load, 50_000);
    store.getState().previewFact(load, 51_000);
    expect([store.getState().facts.house.designBtuh, server.sent.length]).toEqual([51_000, 0]);
    store.getState().setFact(load, 52_000);
    store.getState().undo();
    expect(store.getState().facts.house.designBtuh).toBe(36_000);
  });
});

test('confirming an assumption is a change, confirming it again is none', async () => {
  const store = open();
  store.getState().setFact(load, 36_000);
  await pass(1000);
  store.getState().setFact(load, 36_000);
  await pass(1000);
  expect(server.sent).toHaveLength(1);
  expect(server.job.document.confirmed).toEqual([load]);
});

test('a reading carries author, instrument and time, and moves the moment where it measures the day', async () => {
  const store = open();
  store
    .getState()
    .addReading({ item: 'conditions/outdoor', value: 12.4, place: null, meterOhms: null, replaces: null });
  store.getState().addReading({ item: 'conditions/indoor', value: 65, place: null, meterOhms: null, replaces: null });
  store.getState().addReading({ item: 'heat/return', value: 64, place: null, meterOhms: null, replaces: null });
  await pass(1000);
  expect(server.job.readings[0]).toMatchObject({
    author: 'R. Achterberg',
    instrument: 'clamp 2',
    at: '2026-02-01T10:00:00.000Z',
  });
  expect(store.getState().moment).toMatchObject({ outdoorF: 12, indoorF: 65 });
  expect(store.getState().saved.revision).toBe(1);
});

test('of more readings than the server takes at once, one that it refuses holds up none of the others', async () => {
  server.mode = 'lost';
  const store = open();
  server.spurned = 666;
  for (let at = 0; at < 450; at++)
    store.getState().addReading({
      item: 'heat/return',
      value: at === 3 ? 666 : at / 10,
      place: null,
      meterOhms: null,
      replaces: null,
    });
  server.mode = 'answers';
  await pass(4000);
  expect(server.job.readings).toHaveLength(449);
  expect(store.getState().outbox.map(({ value }) => value)).toEqual([666]);
  expect(store.getState().saveState).toBe('refused');
});

describe('what is entered before anybody said who is at work', () => {
  const outdoor = { item: 'conditions/outdoor', value: 12, place: null, meterOhms: null, replaces: null } as const;

  test('is kept, shown, survives the page, and goes out once under the name that is given', async () => {
    usePerson.setState({ author: '' });
    const before = open();
    before.getState().addReading(outdoor);
    before.getState().setFact(load, 41_000);
    await pass(2000);
    expect(before.getState()).toMatchObject({ saveState: 'unnamed', readings: [{ value: 12 }] });
    expect([server.job.readings.length, server.job.revision]).toEqual([0, 2]);
    const sent = server.sent.length;
    await pass(60_000);
    // Nothing is tried again and again meanwhile.
    expect(server.sent).toHaveLength(sent);
    stop();
    const after = open();
    await pass(1000);
    expect(after.getState()).toMatchObject({ saveState: 'unnamed', readings: [{ value: 12 }] });
    after.getState().sign('E. Valtonen');
    await pass(1000);
    expect(server.job.readings.map(({ value, author }) => [value, author])).toEqual([[12, 'E. Valtonen']]);
    expect(server.job.visits).toMatchObject([{ author: 'E. Valtonen' }]);
    expect(after.getState()).toMatchObject({ saveState: 'saved', outbox: [] });
    expect(usePerson.getState().author).toBe('E. Valtonen');
  });

  test('the time that is shown as saved moves with readings too', async () => {
    const store = open();
    await pass(3_600_000);
    store.getState().addReading(outdoor);
    await pass(1000);
    expect(store.getState()).toMatchObject({ saveState: 'saved', savedAt: '2026-02-01T11:00:00.000Z' });
  });
});

describe('visits', () => {
  const outdoor = (value: number, replaces: string | null = null) =>
    ({ item: 'conditions/outdoor', value, place: null, meterOhms: null, replaces }) as const;
  const HOUR = 3_600_000;

  test('the first reading begins one, and what follows is of it, each with this device’s own count', async () => {
    const store = open();
    store.getState().addReading(outdoor(12));
    store.getState().addReading(outdoor(13));
    await pass(1000);
    expect(server.job.visits).toMatchObject([{ reason: 'new', author: 'R. Achterberg', ended: null }]);
    expect(new Set(server.job.readings.map(({ visit }) => visit))).toEqual(new Set([server.job.visits[0]!.id]));
    const [one, two] = server.job.readings.map(({ origin }) => origin!);
    expect([two!.sequence - one!.sequence, two!.device === one!.device]).toEqual([1, true]);
    expect(store.getState()).toMatchObject({ outbox: [], visitsOut: [], saveState: 'saved' });
  });

  test('after a night another begins: it is shown alone, and corrects nothing of the one before', async () => {
    const store = open();
    store.getState().addReading(outdoor(12));
    await pass(13 * HOUR);
    const [first] = store.getState().readings;
    store.getState().addReading(outdoor(20, first!.id));
    await pass(1000);
    expect(server.job.visits.map(({ reason }) => reason)).toEqual(['new', 'call-back']);
    expect(store.getState().readings.map(({ value, replaces }) => [value, replaces])).toEqual([[20, null]]);
    store.getState().showVisit(server.job.visits[0]!.id);
    expect(store.getState().readings.map(({ value }) => value)).toEqual([12]);
    // What is entered while an older visit is shown is of today's.
    store.getState().addReading(outdoor(21));
    expect(store.getState().readings.map(({ value }) => value)).toEqual([20, 21]);
  });

  test('one that goes on over night stays one, when somebody says so', async () => {
    const store = open();
    store.getState().addReading(outdoor(12));
    await pass(13 * HOUR);
    store.getState().goOnWith(server.job.visits[0]!.id);
    store.getState().addReading(outdoor(20));
    await pass(1000);
    expect([server.job.visits.length, store.getState().readings.length]).toEqual([1, 2]);
  });

  test('begun here without signal while another device began it too, it is theirs once it lands', async () => {
    server.mode = 'lost';
    const store = open();
    store.getState().addReading(outdoor(12));
    await pass(1000);
    const theirs: Visit = {
      id: randomUUID(),
      reason: 'season',
      began: '2026-02-01T09:00:00.000Z',
      ended: null,
      author: 'E. V.',
    };
    const their = takenReading({
      ...(store.getState().readings[0] as TakenReading),
      id: randomUUID(),
      item: 'conditions/indoor',
      visit: theirs.id,
    });
    server.job = { ...server.job, visits: [theirs], readings: [their] };
    server.mode = 'answers';
    await pass(4000);
    expect(server.job.visits).toEqual([theirs]);
    expect(store.getState()).toMatchObject({ visits: [theirs], visit: theirs.id, visitsOut: [] });
    expect(store.getState().readings.map(({ value }) => value)).toEqual([12]);
  });

  test('a draft of an older version, which knew of no visits, still lands', async () => {
    server.mode = 'lost';
    const before = open();
    before.getState().addReading(outdoor(12));
    await pass(1000);
    stop();
    for (const key of Object.keys(localStorage).filter((name) => name.includes(':draft:'))) {
      const draft = JSON.parse(localStorage.getItem(key)!);
      delete draft.visitsOut;
      for (const reading of draft.outbox)
        for (const name of ['visit', 'origin', 'status', 'enteredBy', 'meterOhms', 'note']) delete reading[name];
      localStorage.setItem(key, JSON.stringify(draft));
    }
    server.mode = 'answers';
    const after = open();
    await pass(2000);
    expect(after.getState().saveState).toBe('saved');
    expect(after.getState().readings.map(({ value, status }) => [value, status])).toEqual([[12, 'taken']]);
  });
});

test('the marker stays on the scale', () => {
  const store = open();
  store.getState().nudgeOutdoor(500);
  expect(store.getState().moment.outdoorF).toBe(70);
  store.getState().setCall('defrost');
  expect(store.getState().moment.call).toBe('defrost');
});
