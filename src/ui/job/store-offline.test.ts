import fc from 'fast-check';
import { eachWithItsOwn, leave, load, noLoad, open, openTabAfresh, pass, server, startAfresh } from './fake-server';

eachWithItsOwn();

/** Events of a device with a job: work, losing and regaining connection, closing, opening, crash. */
type Act =
  | ['enter', number]
  | ['read', number]
  | ['wait', number]
  | ['signal', 'answers' | 'lost' | 'answer is lost']
  | ['reload' | 'close', number]
  | ['elsewhere', number];

const anAct: fc.Arbitrary<Act> = fc.oneof(
  { weight: 3, arbitrary: fc.tuple(fc.constant('enter' as const), fc.integer({ min: 1, max: 9 })) },
  { weight: 3, arbitrary: fc.tuple(fc.constant('read' as const), fc.integer({ min: 1, max: 99 })) },
  { weight: 2, arbitrary: fc.tuple(fc.constant('wait' as const), fc.constantFrom(1, 300, 600, 4000, 15_000)) },
  {
    weight: 3,
    arbitrary: fc.tuple(
      fc.constant('signal' as const),
      fc.constantFrom('answers' as const, 'lost' as const, 'answer is lost' as const),
    ),
  },
  {
    weight: 3,
    arbitrary: fc.tuple(fc.constantFrom('reload' as const, 'close' as const), fc.constantFrom(0, 500, 20_000)),
  },
  { weight: 1, arbitrary: fc.tuple(fc.constant('elsewhere' as const), fc.integer({ min: 55, max: 75 })) },
);

/** Live tabs according to the browser, without the closed one. */
const livingTabs = () => {
  const held = new Set<string>();
  const locks = {
    request: (name: string) => {
      held.add(name);
      return new Promise(() => undefined);
    },
    query: () => Promise.resolve({ held: [...held].map((name) => ({ name })) }),
  };
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks } });
  return held;
};

afterAll(() => Object.defineProperty(globalThis, 'navigator', { configurable: true, value: undefined }));

/**
 * The job as stored on the device: last acknowledged by the server. Online, an opened page gets it from the server,
 * offline from the device.
 */
test('a device that loses signal, crashes, is closed and reopened loses nothing, and nothing is saved twice', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anAct, { maxLength: 24 }), async (acts) => {
      startAfresh();
      const tabs = livingTabs();
      let store = open();
      let kept = store.getState().saved;
      let read: number[] = [];
      let entered: number | null = null;
      let theirs: number | null = null;
      for (const act of acts) {
        switch (act[0]) {
          case 'enter':
            entered = 40_000 + act[1];
            store.getState().setFact(load, entered);
            break;
          case 'read':
            read = [...read, act[1]];
            store.getState().addReading({
              item: 'conditions/outdoor',
              value: act[1],
              place: null,
              meterOhms: null,
              replaces: null,
            });
            break;
          case 'wait':
            await pass(act[1]);
            break;
          case 'signal':
            server.mode = act[1];
            break;
          case 'elsewhere':
            theirs = act[1];
            server.elsewhere([{ path: noLoad, value: theirs }]);
            break;
          default: {
            kept = store.getState().saved;
            // As after a crash: the page is not notified.
            leave();
            if (act[0] === 'close') {
              openTabAfresh();
              tabs.clear();
            }
            const from = server.mode === 'answers' ? server.job : kept;
            await pass(act[1]);
            store = open(from);
          }
        }
        kept = store.getState().saved;
      }
      server.mode = 'answers';
      await pass(30_000);
      // Where someone else changed another fact meanwhile, this device’s own applies too once settled.
      for (let asked = 0; asked < 3 && store.getState().theirs; asked++) {
        store.getState().settleStale([load]);
        await pass(20_000);
      }
      expect(store.getState()).toMatchObject({ saveState: 'saved', pending: {}, outbox: [], theirs: null });
      const { facts } = server.job.document;
      expect(facts.house.designBtuh).toBe(entered ?? facts.house.designBtuh);
      expect(facts.house.noLoadF).toBe(theirs ?? facts.house.noLoadF);
      expect(server.job.readings.map(({ value }) => value).sort()).toEqual([...read].sort());
      expect(new Set(server.job.readings.map(({ id }) => id)).size).toBe(read.length);
      leave();
    }),
    { numRuns: 1000 },
  );
}, 300_000);
