import { eachWithItsOwn, leave, load, open, pass, server } from './fake-server';

eachWithItsOwn();

const typed = { text: '41 00', place: '/jobs/1/survey' };

test('text in a field outlives the page, though everything else is saved', async () => {
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

test('entered or discarded, none of it comes back', async () => {
  const before = open();
  before.getState().setTyped(load, typed);
  before.getState().setTyped(load, null);
  await pass(1000);
  leave();
  expect(open().getState().typed).toEqual({});
});

test('discarded just before leaving the page, none of it comes back', async () => {
  const before = open();
  before.getState().setTyped(load, typed);
  await pass(1000);
  before.getState().setTyped(load, null);
  leave();
  expect(open().getState().typed).toEqual({});
});

test('each field keeps its own text, apart from what waits for the server', async () => {
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
