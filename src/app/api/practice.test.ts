import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/server/database';
import { makeCrew } from '@/server/make-crew';
import { addPerson, changePerson, erasePerson } from '@/server/repositories/people';
import { addPlayed, playedByCrew, playedOf } from '@/server/repositories/practice';

afterAll(closeDatabase);

const played = (change: Partial<Parameters<typeof addPlayed>[2]> = {}) => ({
  id: randomUUID(),
  round: 'droop',
  seed: 1,
  isEndless: false,
  title: 'Two degrees short',
  at: '2026-11-27T08:00:00.000Z',
  result: 'found' as const,
  seconds: 412.5,
  bestSeconds: 300,
  readings: 5,
  bestReadings: 3,
  toldNothing: 1,
  ...change,
});

test('a round is saved once, never changed, and belongs to its player; the lead sees everyone’s by name', async () => {
  const scope = await makeCrew();
  const ana = await addPerson(scope, { name: 'Ana', role: 'technician' });
  const bo = await addPerson(scope, { name: 'Bo', role: 'apprentice' });
  await addPerson(scope, { name: 'Cy', role: 'reader' });
  const first = played();
  await addPlayed(scope, ana.id, first);
  await addPlayed(scope, ana.id, { ...first, result: 'unsafe' });
  const earlier = played({ at: '2026-11-20T08:00:00.000Z', result: 'unsafe' });
  await addPlayed(scope, ana.id, earlier);
  const others = played();
  await addPlayed(scope, bo.id, others);
  expect(await playedOf(scope, ana.id)).toEqual([earlier, first]);
  expect(await playedByCrew(scope)).toEqual([
    { personId: ana.id, name: 'Ana', played: [earlier, first] },
    { personId: bo.id, name: 'Bo', played: [others] },
  ]);
});

test('nobody in another crew sees it, and erasing a person erases it', async () => {
  const [scope, other] = [await makeCrew(), await makeCrew()];
  await addPerson(scope, { name: 'Lea', role: 'lead' });
  const ana = await addPerson(scope, { name: 'Ana', role: 'apprentice' });
  await addPlayed(scope, ana.id, played());
  expect(await playedByCrew(other)).toEqual([]);
  expect(await playedOf(other, ana.id)).toEqual([]);
  await expect(addPlayed(other, ana.id, played())).rejects.toThrow();
  await changePerson(scope, ana.id, null);
  expect(await playedByCrew(scope)).toEqual([]);
  expect(await playedOf(scope, ana.id)).toHaveLength(1);
  expect(await erasePerson(scope, ana.id)).toBe(true);
  expect(await playedOf(scope, ana.id)).toEqual([]);
});
