import fc from 'fast-check';
import { DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type Facts, withFact } from '../job/document';
import { type Reading, type ReadingValue, takenReading } from '../job/reading';
import { jobModel } from '../model/job-model';
import { CAUTIONS } from '../safety/cautions';
import { SAMPLES } from '../samples';
import { voltsMeaning } from '../strips/volts-meaning';
import { stepGrade, tally } from './plan';
import { startupOf } from './startup-of';

const [, started, proved] = SAMPLES as [(typeof SAMPLES)[number], (typeof SAMPLES)[number], (typeof SAMPLES)[number]];
const reading = (item: string, value: ReadingValue, place: string | null = null): Reading =>
  takenReading({
    id: item,
    item,
    visit: 'v',
    value,
    place,
    at: '2026-02-01T10:00:00Z',
    author: 'R',
    instrument: '',
    replaces: null,
  });
const planOf = (facts: Facts, readings: readonly Reading[] = []) =>
  startupOf(jobModel(facts), readings, DEFAULT_MOMENT);
const expectedOf = (facts: Facts, key: string, readings: readonly Reading[] = []) =>
  planOf(facts, readings)
    .flatMap(({ items }) => items)
    .find((item) => item.key === key)!.expected;

test('work begins with making safe and ends with leaving it right; nothing live comes before the supplies are verified dead', () => {
  const ids = planOf(proved.facts).map(({ step }) => step.id);
  expect([ids[0], ids[1], ids.at(-1)]).toEqual(['make-safe', 'element-ohms', 'leave']);
  expect(ids.indexOf('element-ohms')).toBeLessThan(ids.indexOf('supply-volts'));
});

test('every step that touches line voltage carries a caution, and every caution is worded', () => {
  for (const { step, built } of planOf(started.facts)) {
    if (step.id !== 'conditions') expect(built.cautions.length).toBeGreaterThan(0);
    for (const caution of built.cautions) expect(CAUTIONS[caution].length).toBeGreaterThan(20);
    if (built.items.some(({ unit }) => unit === 'A' || unit === 'V'))
      expect(built.cautions).toContain('live-measuring');
  }
});

test('every supply has its own tick: circuits of the kit, the blower’s own, the outdoor unit', () => {
  const ticks = (facts: Facts) =>
    planOf(facts)[0]!
      .items.map(({ item }) => item.id)
      .filter((id) => id.startsWith('dead-'));
  expect(ticks(started.facts)).toEqual(['dead-kit-1', 'dead-kit-2', 'dead-outdoor']);
  expect(ticks({ ...started.facts, heatKit: { ...started.facts.heatKit, blowerOnFirstCircuit: false } })).toEqual([
    'dead-kit-1',
    'dead-kit-2',
    'dead-air-handler',
    'dead-outdoor',
  ]);
});

test('a withdrawn tick is open again, and stays in the history', () => {
  const taken = { ...reading('make-safe/lugs', 'done'), at: '2026-02-01T10:00:00Z' };
  const back = { ...reading('make-safe/lugs', 'undone'), id: 'later', at: '2026-02-01T10:01:00Z', replaces: taken.id };
  const lugs = (readings: Reading[]) =>
    planOf(proved.facts, readings)[0]!.items.find(({ key }) => key === 'make-safe/lugs')!.verdict?.grade;
  expect([
    lugs([taken]),
    lugs([taken, back]),
    lugs([taken, back, { ...taken, id: 'again', at: '2026-02-01T10:02:00Z' }]),
  ]).toEqual(['pass', undefined, 'pass']);
});

test('wait times are the equipment’s own', () => {
  const waits = Object.fromEntries(
    planOf(started.facts).map(({ step, built }) => [step.id, built.waits.map(({ id, seconds }) => [id, seconds])]),
  );
  expect(waits['heat']).toEqual([
    ['min-off', 300],
    ['steady', 900],
  ]);
  expect(waits['heat-aux']).toEqual([['sequencer', 75]]);
  expect(waits['defrost']).toEqual([
    ['min-off', 300],
    ['cap', 600],
  ]);
  for (const step of ['heat', 'load', 'defrost', 'cool', 'cool-air', 'outage'])
    expect([step, waits[step]!.some(([id]) => id === 'min-off')]).toEqual([step, true]);
});

test('O and B systems expect the valve opposite ways', () => {
  const aim = (facts: Facts, key: string) => {
    const expected = expectedOf(facts, key);
    return expected.kind === 'band' && expected.pass[1] > 10;
  };
  expect(['heat', 'cool'].map((step) => aim(proved.facts, `${step}/volts-outdoor-unit-valve`))).toEqual([false, true]); // O
  expect(['heat', 'cool'].map((step) => aim(started.facts, `${step}/volts-outdoor-unit-valve`))).toEqual([true, false]); // B
});

test('limits contain their target, and warnings lie outside passes, at every item and any reading', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -20, max: 65 }),
      fc.integer({ min: 200, max: 250 }),
      fc.integer({ min: 55, max: 75 }),
      (outdoorF, volts, returnF) => {
        const readings = [
          reading('conditions/outdoor', outdoorF),
          ...['heat', 'heat-aux', 'emergency'].flatMap((step) => [
            reading(`${step}/return`, returnF),
            reading(`${step}/strip-volts`, volts),
          ]),
        ];
        for (const { key, expected } of planOf(started.facts, readings).flatMap(({ items }) => items)) {
          if (expected.kind !== 'band') continue;
          const { aim, pass, warn } = expected;
          expect([key, warn[0] <= pass[0], warn[1] >= pass[1]]).toEqual([key, true, true]);
          if (aim !== null) expect([key, aim >= pass[0] - 1e-6 && aim <= pass[1] + 1e-6]).toEqual([key, true]);
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('a step is as bad as its worst item, and open while anything is', () => {
  const steps = planOf(started.facts, started.readings);
  const grades = Object.fromEntries(steps.map((planned) => [planned.step.id, stepGrade(planned)]));
  expect(grades).toMatchObject({ 'make-safe': 'pass', fan: 'pass', 'heat-aux': 'fail', emergency: 'open' });
  expect(Object.values(tally(steps)).reduce((sum, count) => sum + count, 0)).toBe(
    steps.flatMap(({ items }) => items).length,
  );
});

test.each([
  [240, null],
  [231, null],
  [3, /Dead/],
  [120, /one leg is lost/],
  [209, /service of 208 V/],
  [222, /Low line voltage/],
  [258, /High/],
  [277, /service of 277 V/],
])('%i V on a 240 V service', (volts, words) => {
  const meaning = voltsMeaning(volts, 240);
  if (words === null) expect(meaning).toBeNull();
  else expect(meaning!.means).toMatch(words);
});

describe('what has to be verified dead matches the system', () => {
  const deadIn = (facts: Facts) =>
    planOf(facts)[0]!
      .items.map(({ item }) => item.label)
      .filter((label) => label.includes('verified dead'));
  const withFurnace = withFact(assumedFacts(), 'system.backup', 'furnace');

  test.each<[string, Facts, readonly string[]]>([
    [
      'strips with the blower on the first circuit',
      assumedFacts(),
      [
        'Heat-kit circuit 1 (60 A) open, locked out, verified dead',
        'Outdoor disconnect open, locked out, verified dead',
      ],
    ],
    [
      'a furnace has no kit, and a supply of its own',
      withFurnace,
      [
        'Furnace circuit and its switch open, locked out, verified dead',
        'Outdoor disconnect open, locked out, verified dead',
      ],
    ],
    [
      'one cabinet with a furnace inside',
      withFact(withFurnace, 'system.cabinet', 'packaged'),
      ['Unit’s disconnect open, locked out, verified dead'],
    ],
  ])('%s', (_, facts, expected) => {
    expect(deadIn(facts)).toEqual(expected);
    const { how } = planOf(facts)[0]!.built;
    expect(how.some((line) => line.includes('kit'))).toBe(expected[0]!.includes('kit'));
  });
});
