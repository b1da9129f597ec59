import { eachWithItsOwn, leave, load, noLoad, open, pass, server } from './fake-server';

eachWithItsOwn();

const drafts = () => Object.keys(localStorage).filter((name) => name.includes(':draft:'));

test('a change is saved shortly after, on the revision it was made on, and is confirmed', async () => {
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

test('changes in quick succession go out in one save', async () => {
  const store = open();
  store.getState().setFact(load, 41_000);
  await pass(200);
  store.getState().setFact(noLoad, 60);
  await pass(1000);
  expect(server.sent).toHaveLength(1);
  expect(server.job.document.facts.house).toMatchObject({ designBtuh: 41_000, noLoadF: 60 });
});

test('a change during a save is saved after it, and nothing is lost', async () => {
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
    expect(drafts()).toHaveLength(1);
    server.mode = 'answers';
    await pass(4000);
    expect(store.getState().saveState).toBe('saved');
    expect(server.job.document.facts.house.designBtuh).toBe(41_000);
    expect(drafts()).toEqual([]);
  });

  test('that lost its answer gets the same save again, and saves it once', async () => {
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

  test('leaves a draft that the next page takes over', async () => {
    server.mode = 'lost';
    const before = open();
    before.getState().setFact(load, 41_000);
    before
      .getState()
      .addReading({ item: 'conditions/outdoor', value: 21, place: null, meterOhms: null, replaces: null });
    await pass(1000);
    leave();
    server.mode = 'answers';
    const after = open();
    expect(after.getState()).toMatchObject({ facts: { house: { designBtuh: 41_000 } }, readings: [{ value: 21 }] });
    await pass(2000);
    expect(after.getState().saveState).toBe('saved');
    expect([server.job.document.facts.house.designBtuh, server.job.readings.length]).toEqual([41_000, 1]);
  });

  test('another active tab keeps its own draft; a closed one leaves it', async () => {
    server.mode = 'lost';
    open().getState().setFact(load, 41_000);
    await pass(1000);
    leave();
    sessionStorage.setItem('gate-cross:tab', 'another');
    const early = open();
    expect(early.getState().pending).toEqual({});
    leave();
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

  test('ends with what was chosen, field by field', async () => {
    const store = await stale();
    store.getState().settleStale([noLoad]);
    await pass(1000);
    expect(store.getState()).toMatchObject({ saveState: 'saved', theirs: null });
    expect(server.job.document.facts.house).toMatchObject({ designBtuh: 30_000, noLoadF: 58 });
  });

  test('does not block readings', async () => {
    const store = await stale();
    store
      .getState()
      .addReading({ item: 'conditions/outdoor', value: 21, place: null, meterOhms: null, replaces: null });
    await pass(1000);
    expect(server.job.readings).toHaveLength(1);
    expect(store.getState().theirs).not.toBeNull();
  });

  test('is noticed too when a draft returns to a job that changed meanwhile', async () => {
    server.mode = 'lost';
    open().getState().setFact(load, 28_000);
    await pass(1000);
    leave();
    server.elsewhere([{ path: load, value: 30_000 }]);
    server.mode = 'answers';
    expect(open().getState()).toMatchObject({ saveState: 'stale', pending: { [load]: 28_000 } });
  });
});

test('a refused save says where, and the next correction is sent', async () => {
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

test('a save that causes a server error is retried, the same and less and less often; it stays here, and is reported', async () => {
  server.mode = 'fails';
  const store = open();
  store.getState().setFact(load, 41_000);
  await pass(60_000);
  expect(server.sent.length).toBeGreaterThan(1);
  expect(server.sent.length).toBeLessThan(10);
  expect(new Set(server.sent.map(({ body }) => (body as { saveId: string }).saveId)).size).toBe(1);
  expect(store.getState()).toMatchObject({ saveState: 'lost', pending: { [load]: 41_000 } });
});

describe('leaving the page during a save', () => {
  const left = async (mode: 'answer is lost' | 'lost') => {
    server.mode = mode;
    const before = open();
    before.getState().setFact(load, 41_000);
    await pass(600);
    before.getState().setFact(load, 42_000);
    leave();
    server.mode = 'answers';
  };

  test('finds its own save done, and continues from it', async () => {
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

  test('sends again the same save if it is not visible yet, and it is saved once', async () => {
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

  test('is stale if someone else saved meanwhile', async () => {
    await left('lost');
    server.elsewhere([{ path: load, value: 30_000 }]);
    expect(open().getState()).toMatchObject({ saveState: 'stale', pending: { [load]: 42_000 } });
  });
});

test('confirming an assumption is a change, confirming it again is not', async () => {
  const store = open();
  store.getState().setFact(load, 36_000);
  await pass(1000);
  store.getState().setFact(load, 36_000);
  await pass(1000);
  expect(server.sent).toHaveLength(1);
  expect(server.job.document.confirmed).toEqual([load]);
});

test('the needle stays on the scale', () => {
  const store = open();
  store.getState().nudgeOutdoor(500, 'F');
  expect(store.getState().moment.outdoorF).toBe(70);
  store.getState().setCall('defrost');
  expect(store.getState().moment.call).toBe('defrost');
});
