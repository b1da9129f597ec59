import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { blankJob } from '../../job/document';
import { NO_HISTORY, type StoredJob } from '../../job/stored-job';
import { fakeDevice, memoryServer, settleAll } from './fake-devices';
import { anAct, atRest, playHistory } from './fake-history';

const blank = (): StoredJob => ({
  ...NO_HISTORY,
  id: randomUUID(),
  revision: 1,
  document: blankJob(),
  handedOverAt: null,
  archivedAt: null,
  updatedAt: '2026-02-01T10:00:00.000Z',
  updatedBy: '',
});

test('three devices, a network that drops messages at random: nothing lost, nothing doubled, all converge', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anAct, { maxLength: 60 }), async (acts) => {
      const server = memoryServer(blank());
      const { read, landed, wrong, states } = await playHistory(server, acts);
      expect(landed).toEqual(read);
      expect(wrong).toEqual([]);
      expect(states).toEqual(atRest(await server.job()));
    }),
    { numRuns: process.env.SWEEP ? 40_000 : 1500 },
  );
}, 1_200_000);

test('two versions resolved while readings are on their way: the choice is sent after them', async () => {
  const job = blank();
  const server = memoryServer(job);
  const [one, other] = [fakeDevice(server, job), fakeDevice(server, job)];
  other.enter('house.designBtuh', 41_000);
  await other.comesDue();
  await other.meets('answered');
  one.enter('house.designBtuh', 40_000);
  await one.comesDue();
  // A reading is entered during the save: it goes out in the same pass, after the refusal.
  one.read(47);
  await one.meets('answered');
  expect(one.state()).toMatchObject({ theirs: { revision: 2 } });
  await one.settles();
  await one.comesDue();
  await settleAll([one, other]);
  const last = await server.job();
  expect(last.document.facts.house.designBtuh).toBe(40_000);
  expect(last.readings.map(({ value }) => value)).toEqual([47]);
  expect(one.state()).toMatchObject({ saveState: 'saved', problem: '', pending: {}, theirs: null });
});

test('someone saved other fields first: the save is rebased, and nobody is asked', async () => {
  const job = blank();
  const server = memoryServer(job);
  const [one, other] = [fakeDevice(server, job), fakeDevice(server, job)];
  other.enter('house.noLoadF', 61);
  await other.comesDue();
  await other.meets('answered');
  one.enter('house.designBtuh', 40_000);
  await one.comesDue();
  await one.meets('answered');
  await settleAll([one, other]);
  const last = await server.job();
  expect(last.document.facts.house).toMatchObject({ designBtuh: 40_000, noLoadF: 61 });
  expect(one.state()).toMatchObject({ saveState: 'saved', problem: '', pending: {}, theirs: null });
});

test('a save confirmed late, after another person’s: newer entries overwrite nothing unseen', async () => {
  const job = blank();
  const server = memoryServer(job);
  const [one, other] = [fakeDevice(server, job), fakeDevice(server, job)];
  one.enter('house.designBtuh', 40_000);
  await one.comesDue();
  await one.meets('answer lost');
  one.enter('house.designBtuh', 42_000);
  await other.hears();
  other.enter('house.designBtuh', 41_000);
  other.enter('house.noLoadF', 61);
  await other.comesDue();
  await other.meets('answered');
  // The same save again: it was stored long ago, and the answer includes the other's.
  await one.comesDue();
  await one.meets('answered');
  expect(one.state()).toMatchObject({
    saveState: 'stale',
    theirs: { revision: 3 },
    pending: { 'house.designBtuh': 42_000 },
  });
  expect((await server.job()).document.facts.house.designBtuh).toBe(41_000);
  await one.settles();
  await settleAll([one, other]);
  expect((await server.job()).document.facts.house).toMatchObject({ designBtuh: 42_000, noLoadF: 61 });
  expect(one.state()).toMatchObject({ saveState: 'saved', problem: '', theirs: null });
});

test('a save whose answer was lost stays the same save after a crash: another person’s stays', async () => {
  const job = blank();
  const server = memoryServer(job);
  const [one, other] = [fakeDevice(server, job), fakeDevice(server, job)];
  one.enter('house.noLoadF', 61);
  await one.comesDue();
  await one.meets('answer lost');
  await other.hears();
  other.enter('house.noLoadF', 62);
  await other.comesDue();
  await other.meets('answered');
  await one.reopens(false);
  await settleAll([one, other]);
  expect((await server.job()).document.facts.house.noLoadF).toBe(62);
  expect(one.state().saved.document.facts.house.noLoadF).toBe(62);
});

test('an answer in another shape is none: what was sent stays, and is sent again', async () => {
  const job = blank();
  const server = memoryServer(job);
  let isThrough = false;
  const device = fakeDevice(
    {
      ...server,
      answer: (request) => (isThrough ? server.answer(request) : Promise.resolve({ kind: 'ok', value: {} })),
    },
    job,
  );
  device.read(47);
  device.enter('house.noLoadF', 61);
  await device.comesDue();
  await device.meets('answered');
  expect(device.state()).toMatchObject({ saveState: 'lost', outbox: [{ value: 47 }] });
  isThrough = true;
  await settleAll([device]);
  expect((await server.job()).readings.map(({ value }) => value)).toEqual([47]);
  expect(device.state()).toMatchObject({ saveState: 'saved', outbox: [], pending: {} });
});

test('a lost connection is retried less and less often, and at once when it returns', async () => {
  const job = blank();
  const device = fakeDevice(memoryServer(job), job);
  device.read(47);
  for (let time = 1; time <= 8; time++) {
    await device.comesDue();
    await device.meets('never came');
    expect(device.state()).toMatchObject({ saveState: 'lost', line: { lostInARow: time, round: null } });
  }
  await device.comesDue();
  await device.meets('answered');
  expect(device.state()).toMatchObject({ saveState: 'saved', line: { lostInARow: 0 }, outbox: [] });
});
