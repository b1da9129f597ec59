import { eachWithItsOwn, leave, load, open, pass, server } from './fake-server';

eachWithItsOwn();

const typed = { text: '41 00', place: '/jobs/1/survey' };

test('what stands in a field outlives the page, though all else is saved', async () => {
  const before = open();
  before.getState().setTyped(load, typed);
  await pass(1000);
  leave();
  const after = open();
  expect(after.getState().typed).toEqual({ [load]: typed });
  await pass(1000);
  expect(after.getState()).toMatchObject({ saveState: 'saved', typed: { [load]: typed } });
  expect(server.sent).toHaveLength(0);
});

test('entered or given up, nothing of it comes back', async () => {
  const before = open();
  before.getState().setTyped(load, typed);
  before.getState().setTyped(load, null);
  await pass(1000);
  leave();
  expect(open().getState().typed).toEqual({});
});

test('given up and the page left in the same breath, nothing of it comes back', async () => {
  const before = open();
  before.getState().setTyped(load, typed);
  await pass(1000);
  before.getState().setTyped(load, null);
  leave();
  expect(open().getState().typed).toEqual({});
});

test('each field keeps its own, beside what waits for the server', async () => {
  server.mode = 'lost';
  const before = open();
  before.getState().setTyped('site.notes', { ...typed, text: 'gate code' });
  before.getState().setTyped(load, typed);
  before.getState().setFact('house.noLoadF', 55);
  await pass(1000);
  leave();
  server.mode = 'answers';
  const after = open();
  await pass(1000);
  expect(Object.keys(after.getState().typed).sort()).toEqual([load, 'site.notes']);
  expect(server.job.document.facts.house.noLoadF).toBe(55);
});
