import { checkEquipment } from '../check/equipment';
import { DEFAULT_MOMENT } from '../control/moment';
import { blankJob, type Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { withChanges } from '../model/choices';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { jobStops } from '../startup/job-stops';
import { families, familyById } from '../wiring/families';
import { COLORS, landedConductors, type WireColor } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { thermostatFunctionAt } from '../wiring/thermostat-functions';
import { moveList } from './move-list';
import { COILED_BACK, oldWiringProblems } from './old-wiring';
import { withKeptFacts } from './take-over';
import { identifiedOldWiring } from './understood';

type Old = Partial<Facts['changeout']>;
const row = (colour: WireColor, letter: string, board: string): OldConductorRow => ({ colour, letter, board });
const withOld = (facts: Facts, old: Old): Facts => ({ ...facts, changeout: { ...facts.changeout, ...old } });
const family = (id: string) => familyById(id)!.facts;
const moves = (facts: Facts) => moveList(facts)!.moves;
const of = (facts: Facts, colour: WireColor) => moves(facts).find((move) => move.colour === colour)!;

const COOLING_AND_FURNACE = [
  row('red', 'R', 'R'),
  row('yellow', 'Y', 'Y'),
  row('green', 'G', 'G'),
  row('white', 'W', 'W'),
  row('blue', '', COILED_BACK),
  row('orange', '', COILED_BACK),
];

test('cooling with a furnace to a heat pump: the heat conductor becomes auxiliary, spares become common and valve', () => {
  const facts = withOld(family('w1+aux-e+single+no-w+o'), { subbase: COOLING_AND_FURNACE, oldSystem: 'conventional' });
  expect(of(facts, 'white')).toMatchObject({
    kind: 'land',
    words: 'White, on W until now, to AUX: auxiliary heat. Its other end goes from W to air handler W1.',
  });
  expect(of(facts, 'blue').words).toBe('Blue, unmarked until now, to C: common. Its other end goes on air handler C.');
  expect(of(facts, 'orange').words).toMatch(/ to O\/B: reversing valve\./);
  expect(of(facts, 'yellow').words).toMatch(/Its other end stays on air handler Y\.$/);
  expect(moves(facts).filter(({ kind }) => kind === 'pull')).toEqual([]);
});

const HEAT_PUMP = [
  row('red', 'R', 'R'),
  row('blue', 'C', 'C'),
  row('yellow', 'Y', 'Y'),
  row('green', 'G', 'G'),
  row('orange', 'O', 'O'),
  row('white', 'W2', 'W1'),
];

test('one auxiliary to two: the second takes the spare; without a spare the list says what is missing', () => {
  const two = family('w1-w2+aux1-aux2-e+single+no-w+o');
  const readings = [{ colour: 'white', call: 'backup', volts: '0.2' }];
  const old: Old = { oldSystem: 'heat-pump', readings };
  const withSpare = withOld(two, { ...old, subbase: [...HEAT_PUMP, row('brown', '', COILED_BACK)] });
  expect(of(withSpare, 'white').words).toMatch(/ to AUX1: auxiliary heat\. Its other end stays on air handler W1\./);
  expect(moves(withSpare).map(({ words }) => words)).toContain(
    'No jumper between W1 and W2 at the air handler: if you find one, remove it.',
  );
  expect(of(withSpare, 'brown').words).toMatch(/ to AUX2: auxiliary heat\. Its other end goes on air handler W2\./);
  const short = withOld(two, { ...old, subbase: HEAT_PUMP });
  expect(moves(short).find(({ kind }) => kind === 'pull')!.words).toMatch(/^AUX2, auxiliary heat: no conductor/);
});

test('one auxiliary for two banks: the jumper between their inputs is on the list', () => {
  const facts = withOld(family('w1-w2+aux-e+single+no-w+o'), { subbase: HEAT_PUMP, oldSystem: 'heat-pump' });
  expect(moves(facts).map(({ words }) => words)).toContain(
    'Jumper W1–W2 at the air handler: install it if it is missing.',
  );
});

test('a heat pump to dual fuel: white moves from the strips to the furnace', () => {
  const facts = withOld(family('gas+aux-e+single+no-w+o'), { subbase: HEAT_PUMP, oldSystem: 'heat-pump' });
  expect(of(facts, 'white').words).toMatch(/ to AUX: furnace\. Its other end stays on furnace W1\./);
});

test('two hot conductors to one R: asks which of two transformers before one is capped', () => {
  const facts = withOld(family('w1+aux-e+single+no-w+o'), {
    subbase: [row('red', 'RC', 'R'), row('pink', 'RH', 'R'), ...HEAT_PUMP.slice(1)],
    jumpers: [{ one: 'RC', other: 'RH' }],
    oldSystem: 'heat-pump',
  });
  expect(of(facts, 'pink')).toMatchObject({ kind: 'cap' });
  expect(moveList(facts)!.moves[0]).toMatchObject({
    kind: 'meter',
    words: expect.stringMatching(/^Two hot conductors, red on RC and pink on RH: meter them before/),
    why: expect.stringMatching(/^Turn off one power source/),
  });
  expect(moves(facts).find(({ kind }) => kind === 'jumper-out')!.words).toBe('Do not reuse the old jumper RC–RH.');
  expect(moves(facts).find(({ kind }) => kind === 'jumper-in')!.words).toBe('Jumper AUX–E on the new thermostat.');
});

test('B that was the common goes to C, with what it would have done on B', () => {
  const facts = withOld(family('w1+aux-e+single+no-w+o'), {
    subbase: HEAT_PUMP.map((each) => (each.colour === 'blue' ? row('blue', 'B', 'C') : each)),
    oldSystem: 'heat-pump',
  });
  expect(of(facts, 'blue').words).toMatch(/^Blue, on B until now, to C: common\./);
  expect(of(facts, 'blue').why).toMatch(/shorts the transformer/);
});

test('W that was emergency goes to E if the plan has a conductor for it', () => {
  const facts = withOld(family('w1-w2+aux-e+single+w-out+one-thermostat+o'), {
    oldSystem: 'heat-pump',
    subbase: [...HEAT_PUMP.slice(0, 5), row('white', 'AUX', 'AUX'), row('black', 'W', 'E')],
    readings: [
      { colour: 'black', call: 'backup', volts: '25.9' },
      { colour: 'black', call: 'emergency', volts: '0.1' },
    ],
  });
  expect(of(facts, 'black').words).toMatch(/ to E: emergency heat\./);
  expect(of(facts, 'black').why).toMatch(/W carried emergency heat here/);
});

test('unknown conductors are capped, not landed', () => {
  const facts = withOld(family('w1+aux-e+single+no-w+o'), {
    oldSystem: 'heat-pump',
    subbase: [...HEAT_PUMP.slice(0, 4), row('white', 'W2', ''), row('brown', 'L', ''), row('orange', '', '')],
  });
  const orange = of(facts, 'orange');
  expect(orange).toMatchObject({ kind: 'wait' });
  expect(orange.why).toMatch(/^Not confirmed. Could be .*valve/);
  expect(of(facts, 'brown').why).toMatch(/^Not confirmed\. Could be fault lamp/);
  expect(of(facts, 'white').why).toMatch(/^Known only by its letter/);
});

test('the way back names every conductor, jumper and setting', () => {
  const facts = withOld(SAMPLES[0]!.facts, {
    subbase: [row('red', 'R', 'R'), row('blue', '', ''), row('white', 'W2', COILED_BACK)],
    jumpers: [{ one: 'W2', other: 'E' }],
    settings: [{ name: 'Valve', value: 'B' }],
  });
  expect(moveList(facts)!.back).toEqual([
    'Red on R, its other end on R.',
    'Blue unmarked.',
    'White on W2, its other end coiled back.',
    'Jumper W2–E.',
    'Valve: B.',
  ]);
});

test('without old wiring there is no list; a wall with one conductor takes over nothing', () => {
  expect(moveList(SAMPLES[2]!.facts)).toBeNull();
  expect(withKeptFacts(withOld(SAMPLES[2]!.facts, { subbase: [row('red', 'R', 'R')] }))).toEqual([]);
});

test('every kind of system, wired in other colors before: each conductor keeps its function, and the plan is as sound', () => {
  for (const [seed, { id, facts }] of families()
    .filter((_, at) => at % 41 === 0)
    .entries()) {
    const wall = landedConductors(plan(facts)).filter(({ cable }) => cable === 'thermostat-cable');
    const colours = COLORS.map((_, at) => COLORS[(at * 3 + seed) % COLORS.length]!);
    const kept: Facts = {
      ...facts,
      cables: {
        ...facts.cables,
        thermostatColours: wall.map(({ from }, at) => ({
          colour: colours[at]!,
          does: thermostatFunctionAt(facts, from)!,
        })),
      },
    };
    const after = landedConductors(plan(kept)).filter(({ cable }) => cable === 'thermostat-cable');
    expect([id, after.map(({ from, to, colour }) => [from.mark, to.mark, colour])]).toEqual([
      id,
      wall.map(({ from, to }, at) => [from.mark, to.mark, colours[at]]),
    ]);
    const rules = (of: Facts) => checkEquipment(jobModel(of)).map(({ rule, severity }) => `${severity} ${rule}`);
    expect([id, rules(kept)]).toEqual([id, rules(facts)]);
  }
});

test('the plan keeps the reused conductors: no color twice, and only colors in the cable', () => {
  const facts = withOld(family('w1-w2+aux-e+single+no-w+o'), {
    subbase: COOLING_AND_FURNACE,
    oldSystem: 'conventional',
  });
  const planned = plan(withChanges(facts, withKeptFacts(facts)));
  const colours = planned.conductors.filter(({ cable }) => cable === 'thermostat-cable').map(({ colour }) => colour);
  expect([...colours].sort()).toEqual(['blue', 'green', 'orange', 'red', 'white', 'yellow']);
});

describe('more than 30 V at an old thermostat', () => {
  const wall = (readings: Facts['changeout']['readings']): Facts => ({
    ...blankJob().facts,
    changeout: {
      ...blankJob().facts.changeout,
      subbase: [
        { colour: 'red', letter: 'R', board: '' },
        { colour: 'white', letter: 'W', board: '' },
      ],
      readings,
    },
  });
  const bad = wall([{ colour: 'white', call: 'off', volts: '240' }]);

  it('identify no conductor, move nothing and plan nothing', () => {
    const { moves, back } = moveList(bad)!;
    expect(moves.map(({ kind }) => kind)).toEqual(['stop']);
    expect(moves[0]!.words).toMatch(/240 V: a line-voltage thermostat, or crossed circuits\. Move nothing here/);
    expect(back.length).toBeGreaterThan(0);
    expect(withKeptFacts(bad)).toEqual([]);
    expect(identifiedOldWiring(bad)!.find(({ row }) => row.colour === 'white')!.isProved).toBe(false);
  });

  it('stop the work on every page until the same conductor reads 30 V or less', () => {
    expect(jobStops(jobModel(bad), [], [], DEFAULT_MOMENT).map(({ stop }) => stop)).toEqual(['control-overvoltage']);
    const again = wall([
      { colour: 'white', call: 'off', volts: '240' },
      { colour: 'white', call: 'off', volts: '24.6' },
    ]);
    expect(jobStops(jobModel(again), [], [], DEFAULT_MOMENT)).toEqual([]);
    expect(moveList(again)!.moves.map(({ kind }) => kind)).not.toContain('stop');
  });
});

describe('old letters', () => {
  const known = (
    oldSystem: Facts['changeout']['oldSystem'],
    ...rows: readonly (readonly [string, string, string?])[]
  ) =>
    identifiedOldWiring({
      ...blankJob().facts,
      changeout: {
        ...blankJob().facts.changeout,
        oldSystem,
        subbase: rows.map(([colour, letter, board = '']) => ({ colour, letter, board })),
      },
    })!;

  it('heat only: R and W are hot and heat, and nothing about a compressor is asked', () => {
    const wall = known('heat-only', ['red', 'R'], ['white', 'W']);
    expect(wall.map(({ does }) => does)).toEqual(['hot', 'backup']);
  });

  it('T and T of an oil primary are hot and heat, and the letter does not say which', () => {
    const wall = known('heat-only', ['black', 'T'], ['brown', 'T']);
    for (const { does, may } of wall) {
      expect(does).toBeNull();
      expect(new Set(may.map((each) => each.does))).toEqual(new Set(['hot', 'backup']));
    }
  });

  it.each(['X2', 'F', 'K', 'TH', 'TP', 'TH/TP', '4'])('%s says what to check before anything moves', (letter) => {
    const problems = oldWiringProblems({
      conductors: [{ colour: 'red', letter, board: 'R' }],
      readings: [],
      kinds: ['conventional'],
    });
    expect(problems.length).toBeGreaterThan(0);
  });
});
