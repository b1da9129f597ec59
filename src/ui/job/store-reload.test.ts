import fc from 'fast-check';
import { eachWithItsOwn, leave, load, open, pass, server, startAfresh } from './fake-server';

eachWithItsOwn();

/** Actions of a technician, and the connection time of each, ms. */
type Act = ['enter', number] | ['undo'] | ['redo'] | ['wait', number] | ['line', number] | ['reload', number];

const anAct: fc.Arbitrary<Act> = fc.oneof(
  fc.tuple(fc.constant('enter' as const), fc.integer({ min: 1, max: 9 })),
  fc.tuple(fc.constant('undo' as const)),
  fc.tuple(fc.constant('redo' as const)),
  fc.tuple(fc.constant('wait' as const), fc.constantFrom(1, 100, 400, 510, 600, 2000, 15_000)),
  fc.tuple(fc.constant('line' as const), fc.constantFrom(0, 50, 300, 900)),
  fc.tuple(fc.constant('reload' as const), fc.constantFrom(0, 20, 300, 1000)),
);

/** A connection with latency each way; no answer outlives its page. */
const slowLine = () => {
  const line = { ms: 0, page: 0 };
  const real = server.fetch;
  const later = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));
  server.fetch = async (...args) => {
    const { ms, page } = line;
    await later(ms);
    const answer = await real(...args);
    await later(ms);
    return page === line.page ? answer : new Promise<Response>(() => undefined);
  };
  return line;
};

test('whatever is entered, undone and redone survives a reload at any moment', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anAct, { maxLength: 14 }), async (acts) => {
      startAfresh();
      const line = slowLine();
      let store = open();
      for (const act of acts) {
        if (act[0] === 'enter') store.getState().setFact(load, 40_000 + act[1]);
        if (act[0] === 'undo') store.getState().undo();
        if (act[0] === 'redo') store.getState().redo();
        if (act[0] === 'wait') await pass(act[1]);
        if (act[0] === 'line') line.ms = act[1];
        if (act[0] === 'reload') {
          const before = store.getState().facts.house.designBtuh;
          leave();
          line.page++;
          const rendered = server.job;
          await pass(act[1]);
          store = open(rendered);
          expect(store.getState().facts.house.designBtuh).toBe(before);
        }
      }
      const last = store.getState().facts.house.designBtuh;
      await pass(20_000);
      expect(store.getState()).toMatchObject({ saveState: 'saved', pending: {}, theirs: null });
      expect([store.getState().facts.house.designBtuh, server.job.document.facts.house.designBtuh]).toEqual([
        last,
        last,
      ]);
      leave();
    }),
    { numRuns: 200 },
  );
});
