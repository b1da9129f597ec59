import { DEFAULT_MOMENT } from '../control/moment';
import type { FactPath, Facts } from '../job/document';
import { currentReadings, type Reading, readingHistory, type ReadingValue, takenReading } from '../job/reading';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { apartF } from '../units/degrees';
import { startupContext } from './given';
import { tally } from './plan';
import { startupOf } from './startup-of';
import { forVisit } from './visit-list';
import { wireSuspects } from './wire-suspects';

const [planned, started, proved] = SAMPLES as [
  (typeof SAMPLES)[number],
  (typeof SAMPLES)[number],
  (typeof SAMPLES)[number],
];

const reading = (
  item: string,
  value: ReadingValue,
  place: string | null = null,
  at = '2026-02-01T10:00:00Z',
): Reading =>
  takenReading({
    id: `${item}@${at}`,
    item,
    visit: 'v',
    value,
    place,
    at,
    author: 'R. A.',
    instrument: 'meter',
    replaces: null,
  });
const itemOf = (facts: Facts, readings: readonly Reading[], key: string) =>
  startupOf(jobModel(facts), readings, DEFAULT_MOMENT)
    .flatMap(({ items }) => items)
    .find((item) => item.key === key)!;
const verdictOf = (facts: Facts, readings: readonly Reading[], key: string) => itemOf(facts, readings, key).verdict!;

test('a proved job has nothing open and nothing failed', () => {
  const steps = forVisit(startupOf(jobModel(proved.facts), proved.readings, DEFAULT_MOMENT), 'new');
  expect(tally(steps)).toMatchObject({
    open: 0,
    warn: 0,
    fail: 0,
  });
});

test('the half kit is found, and nothing else', () => {
  const failed = startupOf(jobModel(started.facts), started.readings, DEFAULT_MOMENT)
    .flatMap(({ items }) => items)
    .filter(({ verdict }) => verdict?.grade === 'fail');
  expect(failed.map(({ key }) => key)).toEqual(['heat-aux/amps-1']);
  expect(failed[0]!.verdict!.means).toBe('Matches 1 of 2 elements: 1 not heating.');
});

describe('strip amps are judged at the volts just measured', () => {
  const at = (volts: number, amps: number, place: string) =>
    verdictOf(
      proved.facts,
      [reading('heat-aux/strip-volts', volts), reading('heat-aux/amps-1', amps, place)],
      'heat-aux/amps-1',
    );
  test.each([
    ['all on, blower in the clamp', 240, 42.4, 'with-blower', 'pass', /elements 1, 2 on/],
    ['all on, heaters only', 240, 40, 'heaters-only', 'pass', /elements 1, 2 on/],
    ['low supply is not a dead element', 208, 34.7, 'heaters-only', 'pass', /elements 1, 2 on/],
    ['half the kit', 240, 20, 'heaters-only', 'fail', /1 of 2 elements/],
    ['the blower alone', 240, 2.4, 'with-blower', 'fail', /no element/],
    ['nothing that elements can give', 240, 30, 'heaters-only', 'fail', /No combination/],
  ])('%s', (_, volts, amps, place, grade, means) => {
    const verdict = at(volts, amps, place);
    expect(verdict.grade).toBe(grade);
    expect(verdict.means).toMatch(means);
  });

  test('expected amps follow the volts', () => {
    const expected = itemOf(proved.facts, [reading('heat-aux/strip-volts', 228)], 'heat-aux/amps-1').expected;
    expect(expected.kind === 'band' && expected.aim).toBeCloseTo(38 + 2.4, 6);
  });

  test('before the volts are read, nothing is blamed', () => {
    expect(verdictOf(proved.facts, [reading('heat-aux/amps-1', 20, 'heaters-only')], 'heat-aux/amps-1').next).toMatch(
      /volts at the kit/,
    );
  });
});

describe('element ohms', () => {
  const of = (value: ReadingValue) =>
    verdictOf(proved.facts, [reading('element-ohms/ohms-1', value)], 'element-ohms/ohms-1');
  test.each([
    [12, 'pass', /As expected/],
    ['OL', 'fail', /Open: no heat/],
    [6, 'fail', /above nameplate/],
    [0.5, 'fail', /short/],
    [14, 'warn', /less heat/],
    [30, 'fail', /less heat/],
  ] as const)('%s Ω: %s', (value, grade, means) => {
    expect(of(value)).toMatchObject({ grade, means: expect.stringMatching(means) });
  });
});

describe('rise', () => {
  test('waits for what it needs, and says what', () => {
    expect(itemOf(proved.facts, [], 'heat/supply').expected).toMatchObject({
      kind: 'needs',
      what: 'the outdoor temperature',
    });
    expect(itemOf(proved.facts, [reading('conditions/outdoor', 27)], 'heat/supply').expected).toMatchObject({
      kind: 'needs',
      what: 'the return air',
    });
  });

  test('thin air warms more: the same heat, higher up', () => {
    const readings = [reading('conditions/outdoor', 27), reading('heat/return', 66)];
    const aim = (elevationFt: number) => {
      const { expected } = itemOf(
        { ...proved.facts, site: { ...proved.facts.site, elevationFt } },
        readings,
        'heat/supply',
      );
      return expected.kind === 'band' ? expected.aim! - 66 : NaN;
    };
    expect(aim(5900) / aim(0)).toBeCloseTo(1 / 0.8044, 3);
  });

  test('too little air for the strips is reported with the airflow', () => {
    const readings = [
      reading('emergency/strip-volts', 240),
      reading('emergency/amps-1', 40, 'heaters-only'),
      reading('emergency/return', 66),
      reading('emergency/supply', 130),
    ];
    const verdict = verdictOf(proved.facts, readings, 'emergency/supply');
    expect(verdict.means).toMatch(/Airflow by temperature rise: 589 CFM/);
    expect(verdict.next).toMatch(/Too little air/);
  });
});

describe('terminals', () => {
  test('a broken conductor is named from the readings of the step', () => {
    const readings = [
      reading('heat/volts-outdoor-unit-Y', 0.1),
      reading('heat/volts-outdoor-unit-valve', 0),
      reading('heat/volts-air-handler-G', 25.5),
      reading('heat/volts-air-handler-W1', 0),
    ];
    const verdict = verdictOf(proved.facts, readings, 'heat/volts-outdoor-unit-Y');
    expect(verdict.grade).toBe('fail');
    expect(verdict.means).toMatch(/yellow conductor/i);
    const suspects = wireSuspects(startupContext(jobModel(proved.facts), readings, DEFAULT_MOMENT), 'heat-1');
    // An open outdoor common reads the same here: with the board's R on it, C floats to the voltage of Y.
    expect(suspects.map(({ cause }) => cause.words).sort()).toEqual([
      'Blue conductor of the outdoor cable, C to C, broken or off',
      'Thermostat contact Y not closing',
      'Yellow conductor of the outdoor cable, Y to Y, broken or off',
      'Yellow conductor of the thermostat cable, Y to Y, broken or off',
    ]);
  });

  test('most common first; what no common fault gives is sought among the rarer ones', () => {
    const suspects = (volts: number) =>
      wireSuspects(
        startupContext(jobModel(proved.facts), [reading('heat/volts-outdoor-unit-Y', volts)], DEFAULT_MOMENT),
        'heat-1',
      );
    const none = suspects(0);
    expect(none.at(-1)!.cause.words).toMatch(/contact Y not closing/);
    expect(none.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(none.map(({ share }) => share)).toEqual(none.map(({ share }) => share).sort((a, b) => b - a));
    const some = suspects(4.5);
    expect(some[0]!.cause.words).toMatch(/loose|corroded/);
  });

  test('good readings suspect nothing, and neither do none', () => {
    const context = (readings: readonly Reading[]) => startupContext(jobModel(proved.facts), readings, DEFAULT_MOMENT);
    expect(wireSuspects(context(proved.readings), 'heat-1')).toEqual([]);
    expect(wireSuspects(context([]), 'heat-1')).toEqual([]);
  });

  test('hot where it should be dead', () => {
    expect(
      verdictOf(proved.facts, [reading('emergency/volts-outdoor-unit-Y', 25)], 'emergency/volts-outdoor-unit-Y').means,
    ).toMatch(/should be dead and is hot/);
  });

  test('below the lockout, W1 is expected hot on a plain heat call, with the reason', () => {
    const { expected } = itemOf(planned.facts, [reading('conditions/outdoor', 20)], 'heat/volts-air-handler-W1');
    expect(expected).toMatchObject({
      kind: 'band',
      pass: [21, 28],
      sum: expect.stringContaining('locked out below 35 °F'),
    });
  });
});

test('a supply at half the volts is a lost leg', () => {
  expect(verdictOf(proved.facts, [reading('supply-volts/kit-1', 121)], 'supply-volts/kit-1').means).toMatch(
    /one leg is lost/,
  );
});

test('motors without plate amps ask for them on the Survey', () => {
  expect(itemOf(planned.facts, [reading('conditions/outdoor', 45)], 'heat/compressor-amps').expected).toMatchObject({
    kind: 'needs',
    fact: 'outdoorUnit.compressorRatedAmps',
  });
  expect(verdictOf(proved.facts, [reading('heat/compressor-amps', 0.2)], 'heat/compressor-amps').means).toMatch(
    /not running/,
  );
});

test('a compressor off by plan draws nothing; one that draws current is named as running', () => {
  const cold = [reading('conditions/outdoor', 10)];
  expect(itemOf(planned.facts, cold, 'heat/compressor-amps').expected).toMatchObject({ pass: [0, 0.3] });
  const runs = verdictOf(planned.facts, [...cold, reading('heat/compressor-amps', 11)], 'heat/compressor-amps');
  expect(runs).toMatchObject({ grade: 'fail', means: expect.stringContaining('is running when it should be off') });
});

test('a defrost that runs to its maximum does not pass', () => {
  expect(verdictOf(proved.facts, [reading('defrost/minutes', 10)], 'defrost/minutes')).toMatchObject({
    grade: 'warn',
    means: expect.stringContaining('timed out'),
  });
});

test('without a kit there are no strip steps', () => {
  const bare: Facts = { ...proved.facts, heatKit: { ...proved.facts.heatKit, elements: [], breakersAmps: [] } };
  expect(startupOf(jobModel(bare), [], DEFAULT_MOMENT).map(({ step }) => step.id)).toEqual([
    'make-safe',
    'water',
    'conditions',
    'supply-volts',
    'control-volts',
    'fan',
    'heat',
    'load',
    'defrost',
    'cool',
    'cool-air',
    'gates',
    'outage',
    'leave',
  ]);
});

test('a correction counts, and the old value stays', () => {
  const readings = [
    reading('conditions/outdoor', 92, null, '2026-02-01T10:00:00Z'),
    reading('conditions/outdoor', 29, null, '2026-02-01T10:01:00Z'),
  ];
  expect(currentReadings(readings).get('conditions/outdoor')!.value).toBe(29);
  expect(readingHistory(readings, 'conditions/outdoor').map(({ value }) => value)).toEqual([29, 92]);
});

describe('verdicts that agree', () => {
  const statics = (confirmed?: ReadonlySet<FactPath>) => {
    const [key] = startupOf(jobModel(proved.facts), [], DEFAULT_MOMENT)
      .flatMap(({ items }) => items)
      .filter(({ item }) => item.id === 'static')
      .map(({ key: each }) => each);
    return startupOf(jobModel(proved.facts), [reading(key!, 2.5)], DEFAULT_MOMENT, confirmed)
      .flatMap(({ items }) => items)
      .find((item) => item.key === key)!.verdict!;
  };

  test('an unchecked limit fails nothing: it asks to check again, and is confirmed', () => {
    expect(statics(new Set(['airHandler.maxStaticInWc'])).grade).toBe('fail');
    expect(statics().grade).toBe('fail');
    const assumed = statics(new Set());
    expect(assumed.grade).toBe('warn');
    expect(assumed.means).toMatch(/That limit is only assumed: confirm “[^”]+” on the Survey\.$/);
  });

  test('a small rise with less air than set blames the heat, not the air', () => {
    const kit = proved.facts;
    const [low, high] = [20, 400].map((rise) => {
      const amps = itemOf(kit, [], 'emergency/amps-1').expected;
      const aim = amps.kind === 'band' ? amps.aim! : 0;
      const taken = [
        reading('strips/volts', kit.heatKit.serviceVolts),
        // Less current than the elements should draw, and a little more rise than that gives at the set airflow.
        reading('emergency/amps-1', aim * 0.55, 'heaters-only'),
        reading('emergency/return', 65),
        reading('emergency/supply', 65 + rise),
      ];
      return itemOf(kit, taken, 'emergency/supply').verdict!;
    });
    expect(low!.means).toContain(`A rise of ${apartF(20)} is too low: less heat than the kit gives.`);
    expect(high!.means).toMatch(
      /^Airflow by temperature rise: \d+ CFM; the blower is set for 1050, the kit needs 850\.$/,
    );
  });

  test('the exact edge passes and is reported as the edge, with the heat that low volts leave', () => {
    const at = (volts: number) => verdictOf(started.facts, [reading('strips/volts', volts)], 'strips/volts');
    const { serviceVolts } = started.facts.heatKit;
    const edge = Math.ceil(serviceVolts * 0.93);
    expect(at(edge)).toMatchObject({ grade: 'pass' });
    expect(at(edge).means).toBe(
      `As expected: ${edge} V is the low limit. At this voltage the strips make ${Math.round(100 * (edge / serviceVolts) ** 2)} % of rated heat.`,
    );
    expect(at(serviceVolts).means).toBe('As expected.');
    expect(at(edge - 1).grade).not.toBe('pass');
  });
});
