import fc from 'fast-check';
import { type FactPath, factValue } from '../../job/document';
import type { StoredJob } from '../../job/stored-job';
import { type Fate, FATES } from '../fake-line';
import { type FakeDevice, fakeDevice, settleAll, type SyncServer } from './fake-devices';

const FACTS = ['house.designBtuh', 'house.noLoadF'] as const satisfies readonly FactPath[];
const VALUES = { 'house.designBtuh': 40_000, 'house.noLoadF': 50 } as const;

/** An event and its device. */
export type Act =
  | readonly ['enters', number, (typeof FACTS)[number], number]
  | readonly ['reads', number, number]
  | readonly ['comes due' | 'settles' | 'hears', number]
  | readonly ['meets', number, Fate]
  | readonly ['reopens', number, boolean];

/** Devices working on one job. */
const DEVICES = 3;
const which = fc.nat({ max: DEVICES - 1 });
/** An event on one of the devices. */
export const anAct: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.tuple(fc.constant('enters' as const), which, fc.constantFrom(...FACTS), fc.nat({ max: 20 })),
  },
  { weight: 4, arbitrary: fc.tuple(fc.constant('reads' as const), which, fc.nat({ max: 99 })) },
  {
    weight: 6,
    arbitrary: fc.tuple(fc.constantFrom('comes due' as const, 'settles' as const, 'hears' as const), which),
  },
  {
    weight: 6,
    arbitrary: fc.tuple(fc.constant('meets' as const), which, fc.constantFrom(...FATES)),
  },
  { weight: 3, arbitrary: fc.tuple(fc.constant('reopens' as const), which, fc.boolean()) },
);

const play = async (device: FakeDevice, act: Act): Promise<void> => {
  switch (act[0]) {
    case 'enters':
      return device.enter(act[2], VALUES[act[2]] + act[3]);
    case 'reads':
      return device.read(act[2]);
    case 'comes due':
      return device.comesDue();
    case 'settles':
      return device.settles();
    case 'hears':
      return device.hears();
    case 'meets':
      return device.meets(act[2]);
    case 'reopens':
      return device.reopens(act[2]);
  }
};

/** Outcome of a history: expected values next to actual ones. */
export interface Outcome {
  readonly read: readonly unknown[];
  readonly landed: readonly unknown[];
  /** Facts that no one entered so, or that were overwritten unseen. */
  readonly wrong: readonly FactPath[];
  readonly states: readonly object[];
}

/** Plays a history on three devices, lets them come to rest, and checks the outcome. */
export const playHistory = async (server: SyncServer, acts: readonly Act[]): Promise<Outcome> => {
  const job = await server.job();
  const devices = Array.from({ length: DEVICES }, () => fakeDevice(server, job));
  for (const act of acts) await play(devices[act[1]]!, act);
  await settleAll(devices);
  const last: StoredJob = await server.job();
  const isWrong = (path: (typeof FACTS)[number]) => {
    const entered = acts.flatMap((act) => (act[0] === 'enters' && act[2] === path ? [VALUES[path] + act[3]] : []));
    const stands = factValue(last.document.facts, path);
    return entered.length === 0 ? stands !== factValue(job.document.facts, path) : !entered.includes(stands as number);
  };
  return {
    read: acts.flatMap((act) => (act[0] === 'reads' ? [act[2]] : [])).sort(),
    landed: last.readings.map(({ value }) => value).sort(),
    wrong: [...FACTS.filter(isWrong), ...devices.flatMap((device) => device.overwritten())],
    states: devices.map((device) => {
      const { pending, outbox, visitsOut, theirs, saveState, problem, saved } = device.state();
      return { pending, outbox, visitsOut, theirs, saveState, problem, saved };
    }),
  };
};

/** Each device's content at the end. */
export const atRest = (job: StoredJob): object[] =>
  Array.from({ length: DEVICES }, () => ({
    pending: {},
    outbox: [],
    visitsOut: [],
    theirs: null,
    saveState: 'saved',
    problem: '',
    saved: job,
  }));
