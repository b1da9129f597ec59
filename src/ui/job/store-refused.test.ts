import { v4 as uuid } from 'uuid';
import { isQueued, queueRequest } from '../offline/queued-requests';
import { eachWithItsOwn, load, open, pass, server } from './fake-server';

eachWithItsOwn();

const reading = (value: number) => ({
  item: 'conditions/outdoor',
  value,
  place: null,
  status: 'taken' as const,
  meterOhms: null,
  note: '',
  replaces: null,
});

test('a server error is temporary: everything is sent by itself afterward', async () => {
  const store = open();
  server.mode = 'fails';
  store.getState().addReading(reading(21) as never);
  store.getState().setFact(load, 41_000);
  await pass(20_000);
  expect(store.getState().saveState).toBe('lost');
  server.mode = 'answers';
  await pass(30_000);
  expect(store.getState().saveState).toBe('saved');
  expect([server.job.readings.length, server.job.document.facts.house.designBtuh]).toEqual([1, 41_000]);
});

test('an entry that always causes a server error blocks no other, and is retried', async () => {
  const store = open();
  const answers = server.fetch;
  let fails = true;
  Object.assign(globalThis, {
    fetch: (path: string, init: { method: string; body: string }) =>
      fails && init.body.includes('"value":13')
        ? Promise.resolve(Response.json({ error: 'Something went wrong.' }, { status: 500 }))
        : answers(path, init),
  });
  for (const value of [12, 13, 14]) store.getState().addReading(reading(value) as never);
  store.getState().setFact(load, 41_000);
  await pass(40_000);
  expect(server.job.readings.map(({ value }) => value)).toEqual([12, 14]);
  expect(server.job.document.facts.house.designBtuh).toBe(41_000);
  expect(store.getState()).toMatchObject({ saveState: 'lost', outbox: [expect.objectContaining({ value: 13 })] });
  fails = false;
  await pass(60_000);
  expect(server.job.readings.map(({ value }) => value)).toEqual([12, 14, 13]);
  expect(store.getState().saveState).toBe('saved');
});

test('a refused entry can be resent, and is saved once nothing is in the way', async () => {
  const store = open();
  server.mode = 'refuses';
  store.getState().setFact(load, 41_000);
  await pass(5000);
  expect(store.getState()).toMatchObject({ saveState: 'refused', pending: { [load]: 41_000 } });
  server.mode = 'answers';
  await pass(60_000);
  // Not automatically: it was refused for its content.
  expect(store.getState().saveState).toBe('refused');
  store.getState().tryAgain();
  await pass(2000);
  expect([store.getState().saveState, server.job.document.facts.house.designBtuh]).toEqual(['saved', 41_000]);
});

test('a refused new job says why; its entries wait for it, and are sent after it', async () => {
  const store = open();
  const { id } = store.getState().saved;
  const request = { about: id, personId: '', phase: 'before', words: 'New job: Attic', path: '/api/jobs' } as const;
  queueRequest({ ...request, id: uuid(), method: 'POST', body: {} });
  const answers = server.fetch;
  let mayBegin = false;
  const begin = () =>
    mayBegin ? Response.json({}, { status: 201 }) : Response.json({ error: 'must be better' }, { status: 403 });
  Object.assign(globalThis, {
    fetch: (path: string, init: never) => (path === '/api/jobs' ? Promise.resolve(begin()) : answers(path, init)),
  });
  store.getState().setFact(load, 41_000);
  await pass(5000);
  expect(store.getState()).toMatchObject({
    saveState: 'refused',
    problem: 'New job: Attic: must be better',
    pending: { [load]: 41_000 },
  });
  expect(server.sent).toEqual([]);
  mayBegin = true;
  store.getState().tryAgain();
  await pass(5000);
  expect([isQueued(id, 'before', ''), server.job.document.facts.house.designBtuh]).toEqual([false, 41_000]);
});

test('a device without storage space does not claim to keep anything', async () => {
  const store = open();
  const roomy = localStorage;
  const full = (key: string, text: string) => {
    if (key.startsWith('gate-cross:draft:')) throw new Error('no room');
    roomy.setItem(key, text);
  };
  Object.assign(globalThis, {
    localStorage: new Proxy(roomy, { get: (of, name) => (name === 'setItem' ? full : Reflect.get(of, name)) }),
  });
  server.mode = 'lost';
  store.getState().setFact(load, 41_000);
  await pass(3000);
  expect(store.getState()).toMatchObject({ saveState: 'lost', isUnkept: true });
  Object.assign(globalThis, { localStorage: roomy });
  await pass(6000);
  expect(store.getState().isUnkept).toBe(false);
});
