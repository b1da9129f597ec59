import { usePerson } from '../person/person';
import { eachWithItsOwn, leave, load, open, pass, server } from './fake-server';

eachWithItsOwn();

test('a refused reading blocks neither the others nor the facts; it stays on the device and is reported', async () => {
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

test('a reading carries author, instrument and time, and moves the moment if it measures the conditions', async () => {
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
  expect(store.getState().moment).toMatchObject({ outdoorF: 12.4, indoorF: 65 });
  expect(store.getState().saved.revision).toBe(1);
});

test('of more readings than one request may hold, a refused one blocks none of the others', async () => {
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

describe('entries from before anyone said who is working', () => {
  const outdoor = { item: 'conditions/outdoor', value: 12, place: null, meterOhms: null, replaces: null } as const;

  test('are kept, shown, survive the page, and are sent once under the name given', async () => {
    usePerson.setState({ author: '' });
    const before = open();
    before.getState().addReading(outdoor);
    before.getState().setFact(load, 41_000);
    await pass(2000);
    expect(before.getState()).toMatchObject({ saveState: 'unnamed', readings: [{ value: 12 }] });
    expect([server.job.readings.length, server.job.revision]).toEqual([0, 2]);
    const sent = server.sent.length;
    await pass(60_000);
    // No retries meanwhile.
    expect(server.sent).toHaveLength(sent);
    leave();
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

  test('the time shown as saved moves with readings too', async () => {
    const store = open();
    await pass(3_600_000);
    store.getState().addReading(outdoor);
    await pass(1000);
    expect(store.getState()).toMatchObject({ saveState: 'saved', savedAt: '2026-02-01T11:00:00.000Z' });
  });
});
