import { randomUUID } from 'node:crypto';
import type { TakenReading } from '@/core/job/reading';
import { takenReading } from '@/core/job/reading';
import type { Visit } from '@/core/job/visit';
import { eachWithItsOwn, leave, open, pass, server } from './fake-server';

eachWithItsOwn();

describe('visits', () => {
  const outdoor = (value: number, replaces: string | null = null) =>
    ({ item: 'conditions/outdoor', value, place: null, meterOhms: null, replaces }) as const;
  const HOUR = 3_600_000;

  test('the first reading begins one, and later ones belong to it, each with this device’s own count', async () => {
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
    // Entries made while an older visit is displayed belong to today's.
    store.getState().addReading(outdoor(21));
    expect(store.getState().readings.map(({ value }) => value)).toEqual([20, 21]);
  });

  test('one that continues overnight stays one if someone says so', async () => {
    const store = open();
    store.getState().addReading(outdoor(12));
    await pass(13 * HOUR);
    store.getState().goOnWith(server.job.visits[0]!.id);
    store.getState().addReading(outdoor(20));
    await pass(1000);
    expect([server.job.visits.length, store.getState().readings.length]).toEqual([1, 2]);
  });

  test('begun offline while another device began it too, it joins theirs once it is saved', async () => {
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

  test('a draft of an older version, from before visits existed, is still saved', async () => {
    server.mode = 'lost';
    const before = open();
    before.getState().addReading(outdoor(12));
    await pass(1000);
    leave();
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
