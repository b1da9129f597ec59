import fc from 'fast-check';
import type { CallId } from '../control/moment';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { families } from '../wiring/families';
import { COLORS, type Harness, type LandedConductor, landedConductors, type WireColor } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { benchFor, meterVolts } from '../wiring/state';
import { landingOf, type ThermostatFunction, thermostatFunctionAt } from '../wiring/thermostat-functions';
import { nextReading, unknownWords } from './next-reading';
import { type OldCall, seenOf } from './old-calls';
import { COILED_BACK, type OldWiring, oldWiringProblems } from './old-wiring';
import { identifiedConductors } from './understood';

/** Calls of this application's thermostat that an old one would make. */
const CALL_OF: Record<OldCall, CallId> = {
  off: 'off',
  fan: 'fan',
  heat: 'heat-1',
  cool: 'cool-1',
  backup: 'heat-aux',
  emergency: 'emergency',
};

/** Old subbase letters for the same function. */
const OTHER_LETTERS: Partial<Record<ThermostatFunction, readonly string[]>> = {
  hot: ['R', 'RH', 'RC'],
  common: ['C', 'X', 'B'],
  backup: ['W', 'W1', 'W2', 'AUX'],
  'second-backup': ['W2', 'W3', 'AUX2'],
  emergency: ['E', 'W', 'X'],
  lamp: ['L', 'X'],
  compressor: ['Y', 'Y1'],
  'valve-cooling': ['O', 'O/B', ''],
  'valve-heating': ['B', 'O/B'],
};

/** A seeded pseudo-random sequence in [0, 1). */
const run = (seed: number) => {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
};

interface Made {
  readonly wall: OldWiring;
  readonly truth: ReadonlyMap<string, ThermostatFunction>;
  readonly harness: Harness;
  readonly at: ReadonlyMap<string, LandedConductor>;
}

/** A family's thermostat cable under other letters and colors, with some other ends not traced. */
const oldWallFrom = (facts: Facts, seed: number, hidden: number, lies: 'letters' | 'shuffled'): Made => {
  const next = run(seed);
  const harness = plan(facts);
  const landed = landedConductors(harness).filter(({ cable }) => cable === 'thermostat-cable');
  const colours = [...COLORS].map((colour) => ({ colour, at: next() })).sort((one, other) => one.at - other.at);
  const used = new Set<string>();
  const lettered = landed.map((conductor) => {
    const does = thermostatFunctionAt(facts, conductor.from)!;
    const among = (OTHER_LETTERS[does] ?? [conductor.from.mark]).filter((each) => !used.has(each) || each === '');
    const letter = among[Math.floor(next() * among.length)] ?? conductor.from.mark;
    used.add(letter);
    return { conductor, does, letter };
  });
  const letters = lettered.map(({ letter }) => letter);
  if (lies === 'shuffled') letters.push(letters.shift()!);
  const hides = new Set(
    lettered
      .map((_, at) => ({ at, by: next() }))
      .sort((one, other) => one.by - other.by)
      .slice(0, hidden)
      .map(({ at }) => at),
  );
  const conductors = lettered.map(({ conductor }, at): OldConductorRow => ({
    colour: colours[at]!.colour,
    letter: letters[at]!,
    board: hides.has(at) ? '' : conductor.to.mark,
  }));
  const spare =
    lettered.length < colours.length ? [{ colour: colours.at(-1)!.colour, letter: '', board: COILED_BACK }] : [];
  return {
    wall: { conductors: [...conductors, ...spare], readings: [], kinds: ['heat-pump'] },
    truth: new Map([
      ...lettered.map(({ does }, at) => [colours[at]!.colour as string, does] as const),
      ...spare.map(({ colour }) => [colour as string, 'spare'] as const),
    ]),
    harness,
    at: new Map(lettered.map(({ conductor }, at) => [colours[at]!.colour as string, conductor])),
  };
};

/** What the family's own circuit shows between hot and a conductor in a call. */
const measured = (facts: Facts, { harness, at }: Made, hot: string, colour: string, call: OldCall) => {
  const [one, other] = [at.get(hot)!, at.get(colour)];
  if (!other) return 0;
  const moment = { ...DEFAULT_MOMENT, outdoorF: 62, call: CALL_OF[call] };
  return meterVolts(benchFor(facts, harness).at(facts, moment), one.from, other.from);
};

/** Takes the suggested readings, at most this many. */
const withReadings = (facts: Facts, made: Made, most: number): OldWiring => {
  let { wall } = made;
  for (let taken = 0; taken < most; taken += 1) {
    const next = nextReading(wall, 62);
    if (!next) break;
    const { colour } = next.row;
    const volts = measured(facts, made, next.hot.colour, colour, next.call);
    wall = { ...wall, readings: [...wall.readings, { colour, call: next.call, seen: seenOf(volts) }] };
  }
  return wall;
};

/** Every nth family; a sweep takes more. */
const STRIDE = process.env.SWEEP === 'all' ? 5 : 53;

const some = families().filter(({ facts }, at) => at % STRIDE === 0 && facts.thermostat.heatTerminals !== 'none');

/** Conductors identified, identified wrongly, and left open. */
const judged = (facts: Facts, made: Made, wall: OldWiring) => {
  const all = identifiedConductors(wall);
  return {
    open: all.flatMap(({ row, does }) => (does === null ? [made.truth.get(row.colour)!] : [])),
    of: all.length,
    wrong: all.flatMap(({ row, does }) => {
      const truth = made.truth.get(row.colour)!;
      return does !== null && landingOf(does) !== landingOf(truth)
        ? [`${row.colour} ${row.letter}–${row.board}: ${does}, is ${truth}`]
        : [];
    }),
    unnamed: all.filter((each) => each.does === null && unknownWords(each) === null).length,
    valve: all.find(({ does }) => does !== null && landingOf(does) === 'valve'),
  };
};

test('other letters and colors, every far end followed: right within four readings, valve mode seen', () => {
  const open: ThermostatFunction[] = [];
  let all = 0;
  for (const [seed, { id, facts }] of some.entries()) {
    const made = oldWallFrom(facts, seed + 1, 0, 'letters');
    const { open: still, of, wrong, unnamed, valve } = judged(facts, made, withReadings(facts, made, 4));
    expect([id, wrong, unnamed]).toEqual([id, [], 0]);
    expect([id, valve?.isValveModeSeen]).toEqual([id, true]);
    expect([id, valve?.does]).toEqual([
      id,
      facts.outdoorUnit.reversingValve === 'O' ? 'valve-cooling' : 'valve-heating',
    ]);
    open.push(...still);
    all += of;
  }
  // A second auxiliary and an emergency output can be hot in the same calls; nothing else stays open (2 %).

  expect([...new Set(open)].filter((does) => !/backup|emergency/.test(does))).toEqual([]);
  expect(open.length / all).toBeLessThan(0.05);
});

test('three far ends out of reach: what is claimed after four readings is right, what is not is named', () => {
  let [open, all] = [0, 0];
  for (const [seed, { id, facts }] of some.entries()) {
    const made = oldWallFrom(facts, seed + 500, 3, 'letters');
    const { open: still, of, wrong, unnamed } = judged(facts, made, withReadings(facts, made, 4));
    expect([id, wrong, unnamed]).toEqual([id, [], 0]);
    [open, all] = [open + still.length, all + of];
  }
  expect(open / all).toBeLessThan(0.1);
});

test('letters all shifted by one: the boards are believed, not the letters', () => {
  for (const [seed, { id, facts }] of some.entries()) {
    const made = oldWallFrom(facts, seed + 900, 0, 'shuffled');
    const { wrong } = judged(facts, made, withReadings(facts, made, 4));
    expect([id, wrong]).toEqual([id, []]);
  }
});

const row = (colour: string, letter: string, board = ''): OldConductorRow => ({ colour, letter, board });
const PLAIN = [
  row('red', 'R', 'R'),
  row('blue', 'B', ''),
  row('yellow', 'Y', 'Y'),
  row('green', 'G', 'G'),
  row('white', 'W', 'W1'),
];
const wallOf = (conductors: readonly OldConductorRow[], more: Partial<OldWiring> = {}): OldWiring => ({
  conductors,
  readings: [],
  kinds: ['heat-pump'],
  ...more,
});
const does = (wall: OldWiring, colour: WireColor) =>
  identifiedConductors(wall).find((each) => each.row.colour === colour)!;

test('B that is hot in heating is the valve; B that is never hot is the common', () => {
  const orange = [...PLAIN, row('orange', '', '')];
  const inHeat = (volts: number) =>
    does(wallOf(orange, { readings: [{ colour: 'blue', call: 'heat', seen: seenOf(volts) }] }), 'blue');
  expect(inHeat(0.1)).toMatchObject({ does: 'valve-heating', isValveModeSeen: true });
  expect(inHeat(25.8).may[0]!.does).toBe('common');
});

test('the same letters on a furnace with cooling: B is likelier the common, W is the heat', () => {
  const wall = wallOf(PLAIN, { kinds: ['conventional'] });
  expect(does(wall, 'blue').may[0]!.does).toBe('common');
  expect(does(wall, 'white').does).toBe('backup');
});

test('no letter, no board: nothing is claimed, and everything likely is named', () => {
  const bare = wallOf(PLAIN.map(({ colour }) => row(colour, '')));
  for (const each of identifiedConductors(bare)) {
    expect(each.does).toBeNull();
    expect(unknownWords(each)).toMatch(/^Not confirmed/);
  }
  expect(nextReading(bare, 40)).toBeNull();
});

test('in the cold, no cooling test is asked for', () => {
  const wall = wallOf([...PLAIN, row('orange', 'O/B', 'O')]);
  expect(nextReading(wall, 20)!.call).not.toBe('cool');
});

test('chances of a conductor add up to one, and no function goes to two conductors, whatever is entered', () => {
  const letter = fc.constantFrom('R', 'C', 'B', 'X', 'Y', 'G', 'O', 'W', 'W2', 'E', '', '?');
  const board = fc.constantFrom('R', 'C', 'Y', 'G', 'O', 'W1', 'W2', '', COILED_BACK);
  const rows = fc
    .array(fc.tuple(letter, board), { minLength: 1, maxLength: 9 })
    .map((list) => list.map(([one, other], at) => row(COLORS[at]!, one, other)));
  fc.assert(
    fc.property(rows, (conductors) => {
      const all = identifiedConductors(wallOf(conductors));
      const known = all.flatMap((each) => (each.does === null || each.does === 'spare' ? [] : [each.does]));
      expect(new Set(known).size).toBe(known.length);
      for (const { may } of all) expect(may.reduce((total, { share }) => total + share, 0)).toBeLessThan(1.000_001);
    }),
    { numRuns: 25 },
  );
});

test('several conductors that surely land on R are not all hot: the likeliest is, the others are named', () => {
  const marked = ['red', 'blue', 'brown'].map((colour) => row(colour, 'R', 'R'));
  const others = [row('white', 'G', 'R'), row('green', 'R', 'O'), row('yellow', 'Y', 'R')];
  const all = identifiedConductors(wallOf([...marked, ...others]));
  expect(all.filter(({ does: known }) => known === 'hot')).toHaveLength(1);
  const open = all.filter(({ does: known }) => known === null);
  expect(open.length).toBeGreaterThan(0);
  for (const each of open) expect(unknownWords(each)).not.toBeNull();
});

test.each([
  ['a color twice', [row('white', 'W'), row('white', 'W2')], /White is listed twice\. Flag one/],
  ['a letter twice', [row('white', 'W', 'W1'), row('red', 'w ', '')], /W is listed for two conductors/],
  ['a color that is none', [row('mauve', 'W', 'W1')], /“mauve” is not on the color list/],
  ['no other end at all', [row('white', 'W')], /No conductor has its other end entered yet/],
])('%s is reported, with what to do', (_name, conductors, words) => {
  expect(oldWiringProblems(wallOf(conductors)).some((problem) => words.test(problem))).toBe(true);
});

test('good wiring has no problem', () => {
  expect(oldWiringProblems(wallOf([row('red', 'R', 'R'), row('blue', 'C', 'C')]))).toEqual([]);
});
