import { DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type Facts } from '../job/document';
import { type Reading, type ReadingValue, takenReading } from '../job/reading';
import { jobModel } from '../model/job-model';
import { startupOf } from './startup-of';

const base: Facts = {
  ...assumedFacts(),
  outdoorUnit: { ...assumedFacts().outdoorUnit, compressorRatedAmps: 14 },
};
type Line = readonly [item: string, value: ReadingValue, place?: string];
const readings = (lines: readonly Line[]): Reading[] =>
  lines.map(([item, value, place = null], at) =>
    takenReading({
      id: String(at),
      item,
      visit: 'v',
      value,
      place,
      at: `2026-02-01T10:00:${String(at).padStart(2, '0')}Z`,
      author: 'R. A.',
      instrument: '',
      replaces: null,
    }),
  );
const items = (lines: readonly Line[], facts: Facts = base) =>
  new Map(
    startupOf(jobModel(facts), readings(lines), DEFAULT_MOMENT)
      .flatMap((step) => step.items)
      .map((item) => [item.key, item] as const),
  );
const verdict = (key: string, lines: readonly Line[], facts: Facts = base) => items(lines, facts).get(key)!.verdict;

describe('readings that cannot both be right are named, and neither passes', () => {
  test('no call at W1 with 43 A in the strips', () => {
    const lines: Line[] = [
      ['heat-aux/volts-air-handler-W1', 3],
      ['strips/volts', 240],
      ['heat-aux/amps-1', 43, 'with-blower'],
    ];
    for (const key of ['heat-aux/volts-air-handler-W1', 'heat-aux/amps-1'])
      expect(verdict(key, lines)).toMatchObject({
        grade: 'fail',
        means: expect.stringMatching(/cannot both be right/),
      });
    expect(verdict('strips/volts', lines)!.grade).toBe('pass');
  });

  test('warm air in emergency heat from strips that draw no current', () => {
    const lines: Line[] = [
      ['strips/volts', 240],
      ['emergency/amps-1', 3.5, 'with-blower'],
      ['emergency/return', 66],
      ['emergency/supply', 90],
    ];
    expect(verdict('emergency/supply', lines)).toMatchObject({
      grade: 'fail',
      means: expect.stringMatching(/rise of 24\s°F and no strip drawing current cannot both be right/),
    });
    expect([...items(lines).values()].every((item) => !/\b0 CFM/.test(item.verdict?.means ?? ''))).toBe(true);
  });

  test('cold air from strips that do not heat says nothing about airflow', () => {
    const lines: Line[] = [
      ['strips/volts', 240],
      ['emergency/amps-1', 3.5, 'with-blower'],
      ['emergency/return', 66],
      ['emergency/supply', 68],
    ];
    expect(verdict('emergency/supply', lines)).toMatchObject({
      grade: 'fail',
      means: expect.stringMatching(/are not heating, so these temperatures say nothing about airflow/),
    });
  });

  test('a compressor drawing current without Y; amps without volts; strips that do not warm the air', () => {
    expect(
      verdict('heat/compressor-amps', [
        ['heat/volts-outdoor-unit-Y', 0.2],
        ['heat/compressor-amps', 9],
      ])!.means,
    ).toMatch(/cannot both be right/);
    expect(
      verdict('strips/volts', [
        ['strips/volts', 12],
        ['heat-aux/amps-1', 40, 'heaters-only'],
      ])!.means,
    ).toMatch(/cannot both be right/);
    expect(
      verdict('emergency/supply', [
        ['strips/volts', 240],
        ['emergency/amps-1', 42.8, 'with-blower'],
        ['emergency/return', 70],
        ['emergency/supply', 68],
      ])!.means,
    ).toMatch(/cannot both be right/);
  });

  test('a good set passes', () => {
    const lines: Line[] = [
      ['heat-aux/volts-air-handler-W1', 25],
      ['strips/volts', 240],
      ['heat-aux/amps-1', 42.8, 'with-blower'],
    ];
    expect([...items(lines).values()].flatMap((item) => item.verdict?.grade ?? [])).toEqual(
      expect.not.arrayContaining(['fail']),
    );
  });
});

describe('supply volts read on site carry into every later expectation', () => {
  const aim = (key: string, lines: readonly Line[]) => {
    const { expected } = items(lines).get(key)!;
    return expected.kind === 'band' ? expected.aim! : NaN;
  };

  test('24 V sags with the line, strips with what was read: under load first, otherwise at rest', () => {
    const low: Line[] = [['supply-volts/kit-1', 228]];
    expect(aim('heat/volts-outdoor-unit-Y', low) / aim('heat/volts-outdoor-unit-Y', [])).toBeCloseTo(228 / 240, 6);
    expect(aim('heat-aux/amps-1', low)).toBeCloseTo((2 * 4800 * 228) / 240 ** 2 + 2.8, 6);
    expect(aim('heat-aux/amps-1', [...low, ['strips/volts', 222]])).toBeCloseTo((2 * 4800 * 222) / 240 ** 2 + 2.8, 6);
  });

  test('a lost leg is a fault, not a supply to calculate with', () => {
    expect(aim('heat/volts-outdoor-unit-Y', [['supply-volts/kit-1', 121]])).toBe(aim('heat/volts-outdoor-unit-Y', []));
  });
});

describe('static pressure is read where airflow is highest', () => {
  const withAir = (change: Partial<Facts['airHandler']>, facts: Facts = base): Facts => ({
    ...facts,
    airHandler: { ...facts.airHandler, ...change },
  });
  const dual: Facts = {
    ...base,
    system: { ...base.system, backup: 'furnace' },
    thermostat: { ...base.thermostat, backupSetting: 'fossil' },
  };
  const keyOf = (facts: Facts) => [...items([], facts).keys()].filter((key) => key.endsWith('/static'));

  test('on one call only', () => {
    expect(keyOf(withAir({ coolCfm: 1300 }))).toEqual(['cool/static']);
    expect(keyOf(withAir({ auxCfm: 1300 }))).toEqual(['heat-aux/static']);
    expect(keyOf(withAir({ auxCfm: 1300 }, dual))).toEqual(['emergency/static']);
    expect(keyOf(base)).toEqual(['heat/static']);
  });

  test('the square law is shown, and a reading on the fan call is converted to it', () => {
    const facts = withAir({ heatCfm: 1200, fanCfm: 600, maxStaticInWc: 0.5 });
    const { expected } = items([['fan/static', 0.1]], facts).get('heat/static')!;
    expect(expected).toMatchObject({
      kind: 'band',
      sum: expect.stringMatching(/0\.13 with the fan alone at 600 CFM \(square law\).*which is 0\.4 here/),
    });
  });

  test('the places for leads are those of the unit', () => {
    const how = (facts: Facts) =>
      startupOf(jobModel(facts), [], DEFAULT_MOMENT)
        .flatMap(({ built }) => built.how)
        .join(' ');
    expect(how(base)).toMatch(/between filter and air handler/);
    expect(how(dual)).toMatch(/between furnace and cased coil/);
  });
});

describe('supply air of a staged compressor', () => {
  const LOW = [
    { outdoorF: 47, btuh: 24_000, kW: 1.8 },
    { outdoorF: 17, btuh: 15_000, kW: 1.6 },
  ];
  const expected = (change: Partial<Facts['outdoorUnit']>, outputs: 1 | 2 = 2) =>
    items(
      [
        ['conditions/outdoor', 17],
        ['heat/return', 68],
      ],
      {
        ...base,
        outdoorUnit: { ...base.outdoorUnit, ...change },
        thermostat: { ...base.thermostat, compressorOutputs: outputs },
      },
    ).get('heat/supply')!.expected;
  const riseAt = (btuh: number) => btuh / (1.08 * 1150);

  test('Y1 alone is judged at low stage; missing figures are asked for', () => {
    expect(expected({ stages: 'two', lowPoints: LOW })).toMatchObject({ aim: expect.closeTo(68 + riseAt(15_000), 6) });
    expect(expected({ stages: 'two' })).toMatchObject({ kind: 'needs', fact: 'outdoorUnit.lowPoints' });
    expect(expected({ stages: 'two' }, 1)).toMatchObject({ aim: expect.closeTo(68 + riseAt(20_500), 6) });
  });

  test('an inverter passes anywhere between its lowest and highest', () => {
    const band = expected({ stages: 'inverter', lowPoints: LOW });
    expect(band).toMatchObject({ kind: 'band', aim: null });
    if (band.kind !== 'band') return;
    expect(band.pass[0]).toBeLessThan(68 + riseAt(15_000));
    expect(band.pass[1]).toBeGreaterThan(68 + riseAt(20_500));
  });
});
