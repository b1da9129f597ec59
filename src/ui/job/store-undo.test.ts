import { currentReadings, notMeasured } from '@/core/job/reading';
import { eachWithItsOwn, load, open, pass, server } from './fake-server';

eachWithItsOwn();

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

  test('ignores a preview', async () => {
    const store = open();
    store.getState().previewFact(load, 50_000);
    store.getState().previewFact(load, 51_000);
    expect([store.getState().facts.house.designBtuh, server.sent.length]).toEqual([51_000, 0]);
    store.getState().setFact(load, 52_000);
    store.getState().undo();
    expect(store.getState().facts.house.designBtuh).toBe(36_000);
  });
});

describe('facts entered together', () => {
  const pair = [
    { path: 'gates.compressorBelowF', value: 30 },
    { path: 'gates.auxAboveF', value: 40 },
  ] as const;
  const gates = (store: ReturnType<typeof open>) => {
    const { compressorBelowF, auxAboveF } = store.getState().facts.gates;
    return [compressorBelowF, auxAboveF];
  };

  test('are one save and one undo step: never half of a lockout pair', async () => {
    const store = open();
    const before = gates(store);
    store.getState().setFacts(pair);
    expect(gates(store)).toEqual([30, 40]);
    await pass(1000);
    expect(server.sent).toHaveLength(1);
    expect(server.job.document.facts.gates).toMatchObject({ compressorBelowF: 30, auxAboveF: 40 });
    store.getState().undo();
    expect(gates(store)).toEqual(before);
    expect(store.getState().undoable).toEqual([]);
    store.getState().redo();
    expect(gates(store)).toEqual([30, 40]);
    await pass(1000);
    expect(server.job.document.facts.gates).toMatchObject({ compressorBelowF: 30, auxAboveF: 40 });
  });

  test('leave no step where nothing changes, and only confirm', () => {
    const store = open();
    const { facts } = store.getState();
    const same = pair.map(({ path }) => ({
      path,
      value: path === 'gates.auxAboveF' ? facts.gates.auxAboveF : facts.gates.compressorBelowF,
    }));
    store.getState().setFacts(same);
    expect(store.getState().undoable).toEqual([]);
    for (const { path } of pair) expect(store.getState().confirmed.has(path)).toBe(true);
  });
});

describe('undo of readings', () => {
  const ohms = (value: number, replaces: string | null = null) =>
    ({ item: 'element-ohms/1', value, place: null, meterOhms: null, replaces }) as const;
  const standing = (store: ReturnType<typeof open>) =>
    currentReadings(store.getState().readings).get('element-ohms/1')?.value;

  test('a first reading is withdrawn, and comes back with redo; the record keeps every line', async () => {
    const store = open();
    store.getState().addReading(ohms(248));
    store.getState().undo();
    expect(standing(store)).toBeUndefined();
    store.getState().redo();
    expect(standing(store)).toBe(248);
    await pass(1000);
    expect(server.job.readings.map(({ value, status }) => [value, status])).toEqual([
      [248, 'taken'],
      [null, 'withdrawn'],
      [248, 'taken'],
    ]);
    expect(store.getState().saveState).toBe('saved');
  });

  test('undoing a correction brings back what it corrected; facts and readings go back in their own order', () => {
    const store = open();
    store.getState().addReading(ohms(19.2));
    store.getState().setFact(load, 41_000);
    store.getState().addReading(ohms(192, store.getState().readings[0]!.id));
    expect(standing(store)).toBe(192);
    store.getState().undo();
    expect([standing(store), store.getState().facts.house.designBtuh]).toEqual([19.2, 41_000]);
    store.getState().undo();
    expect([standing(store), store.getState().facts.house.designBtuh]).toEqual([19.2, 36_000]);
    store.getState().undo();
    expect(standing(store)).toBeUndefined();
    store.getState().redo();
    store.getState().redo();
    store.getState().redo();
    expect([standing(store), store.getState().facts.house.designBtuh]).toEqual([192, 41_000]);
  });

  test('not measured can be undone too; what was read since stays', () => {
    const store = open();
    store.getState().addReading({ item: 'element-ohms/1', status: 'not-measured', why: 'No access', replaces: null });
    expect(notMeasured(store.getState().readings).get('element-ohms/1')?.why).toBe('No access');
    store.getState().undo();
    expect(notMeasured(store.getState().readings).size).toBe(0);
  });
});
