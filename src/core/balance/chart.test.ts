import fc from 'fast-check';
import { assumedFacts, type FactPath, type Facts, withFact } from '../job/document';
import { SAMPLES } from '../samples';
import { families } from '../wiring/families';
import { backupNeeds, bankStages } from './backup-need';
import { balanceChart } from './chart';
import { balanceInput, jobBalance } from './from-job';
import { capacityCurve } from './heat-pump';
import { loadCurve } from './load';
import { priceTable } from './price-table';
import { BALANCE_RULES } from './rules';
import { supplyAtCfm, supplyStates } from './supply-states';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const FURNACE = ['system.backup', 'furnace'] as const;
const LOW = [
  { outdoorF: 47, btuh: 18_000, kW: 1.3 },
  { outdoorF: 17, btuh: 11_000, kW: 1.2 },
];

/** Value of a line at a temperature, interpolated between its corners. */
const readOff = (points: readonly (readonly [number, number])[], atF: number) => {
  const upper = points.findIndex(([outdoorF]) => outdoorF >= atF);
  const [low, high] = [points[Math.max(0, upper - 1)]!, points[Math.max(1, upper)]!];
  return low[1] + ((high[1] - low[1]) * (atF - low[0])) / (high[0] - low[0]);
};

describe('the chart', () => {
  test('its lines, drawn from their corners, match the curves', () =>
    fc.assert(
      fc.property(fc.constantFrom(...SAMPLES), fc.double({ min: -19, max: 69, noNaN: true }), ({ facts: of }, atF) => {
        const { lines } = balanceChart(of);
        const input = balanceInput(of);
        fc.pre(Math.abs(atF - (of.outdoorUnit.minOutdoorF ?? -99)) > 0.01);
        expect(readOff(lines.find(({ id }) => id === 'capacity')!.points, atF)).toBeCloseTo(
          capacityCurve(input.heatPump).at(atF),
          3,
        );
        expect(readOff(lines.find(({ id }) => id === 'load')!.points, atF)).toBeCloseTo(
          loadCurve(input.load).at(atF),
          3,
        );
      }),
    ));

  test('every stage, bank and source in the system has a line, and nothing else does', () => {
    const ids = (of: Facts) => balanceChart(of).lines.map(({ id }) => id);
    expect(ids(facts())).toEqual(['steady', 'capacity', 'bank-1', 'load']);
    expect(ids(facts(['outdoorUnit.stages', 'two'], ['outdoorUnit.lowPoints', LOW]))).toEqual([
      'steady',
      'low',
      'capacity',
      'bank-1',
      'load',
    ]);
    expect(ids(facts(['outdoorUnit.stages', 'inverter'], ['outdoorUnit.lowPoints', LOW]))).toEqual([
      'steady',
      'low',
      'capacity',
      'bank-1',
      'load',
    ]);
    expect(ids(facts(FURNACE))).toEqual(['steady', 'capacity', 'furnace', 'load']);
  });

  test('an inverter with a minimum speed has a range; a two-stage unit has none', () => {
    const range = (stages: string) =>
      balanceChart(facts(['outdoorUnit.stages', stages], ['outdoorUnit.lowPoints', LOW])).range;
    expect(range('two')).toBeNull();
    expect(range('inverter')!.length).toBeGreaterThan(4);
  });

  test('the balance point lies within its band, and a wider load band widens it', () => {
    const band = (is: string) =>
      balanceChart(facts(['load.heatLossIs', is])).marks.find(({ id }) => id === 'thermal-balance')!;
    const [narrow, wide] = [band('room-by-room'), band('guess')];
    expect(narrow.atF).toBe(wide.atF);
    expect(narrow.bandF![0]).toBeLessThan(narrow.atF);
    expect(narrow.bandF![1]).toBeGreaterThan(narrow.atF);
    expect(wide.bandF![1] - wide.bandF![0]).toBeGreaterThan(narrow.bandF![1] - narrow.bandF![0]);
  });

  test('every lockout has a marker', () => {
    const ids = (of: Facts) => balanceChart(of).marks.map(({ id }) => id);
    expect(ids(facts(['outdoorUnit.minOutdoorF', -5]))).toEqual(['thermal-balance', 'design', 'unit-limit', 'no-load']);
    expect(ids(facts(FURNACE))).toContain('economic-balance');
    expect(ids(SAMPLES[1]!.facts)).toContain('bank-2');
  });

  test('every system that can be wired has a chart', () => {
    for (const { facts: of } of families().filter((_, at) => at % 20 === 0))
      expect(balanceChart(of).mostBtuh).toBeGreaterThan(0);
  });

  test('more capacity never raises the balance point', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 0.99, noNaN: true }), (share) => {
        const less = jobBalance(facts(['outdoorUnit.capacityShare', share])).thermalBalanceF!;
        expect(jobBalance(facts()).thermalBalanceF!).toBeLessThanOrEqual(less);
      }),
    ));
});

describe('backup needed', () => {
  test('at design, in an emergency and in defrost, with the smallest listed kit that covers it', () => {
    const [design, emergency, defrost] = backupNeeds(facts(['airHandler.allowedKitsKW', [5, 10, 15]]));
    expect(design!.kW).toBeCloseTo(jobBalance(facts()).requiredKW, 9);
    expect(emergency!.kW).toBeCloseTo(36_000 / 3412.14, 6);
    expect([design!.kitKW, emergency!.kitKW]).toEqual([design!.kW <= 5 ? 5 : 10, 15]);
    expect(defrost!.kW).toBeGreaterThan(4);
    for (const { kW, highKW } of [design!, emergency!]) expect(highKW).toBeGreaterThan(kW);
  });
  test('a list without a large enough kit gives none', () =>
    expect(backupNeeds(facts(['airHandler.allowedKitsKW', [3]])).map(({ kitKW }) => kitKW)).toEqual([
      null,
      null,
      null,
    ]));
  test('a furnace carries the whole load at design, and no kit is asked for', () => {
    const needs = backupNeeds(facts(FURNACE));
    expect(needs.map(({ id, kitKW, isMet }) => [id, kitKW, isMet])).toEqual([
      ['design', null, true],
      ['emergency', null, true],
    ]);
  });
  test('each bank with the temperature where it is needed, the second below the first', () => {
    const [first, second] = bankStages(SAMPLES[1]!.facts);
    expect(second!.neededBelowF!).toBeLessThan(first!.neededBelowF!);
  });
});

describe('electricity and fuel prices', () => {
  const of = facts(FURNACE, ['furnace.fuel', 'propane'], ['prices.electricPerKWh', 0.14], ['prices.fuelPerUnit', 2.6]);
  const asNumber = (balanceF: number | 'always' | 'never') =>
    balanceF === 'always' ? 99 : balanceF === 'never' ? -99 : balanceF;

  test('costlier power raises the economic balance point, costlier fuel lowers it, today lies between', () => {
    const table = priceTable(of);
    for (const row of table) {
      const along = row.map(({ balanceF }) => asNumber(balanceF));
      expect(along).toEqual([...along].sort((a, b) => b - a));
    }
    const down = table.map((row) => asNumber(row[2]!.balanceF));
    expect(down).toEqual([...down].sort((a, b) => a - b));
    expect(table.flat().filter(({ isToday }) => isToday)).toEqual([table[2]![2]]);
    expect(table[2]![2]!.balanceF).toBe(jobBalance(of).economicBalanceF);
  });
  test('without a furnace there is none', () => expect(priceTable(facts())).toEqual([]));
});

describe('supply air', () => {
  test('covers every state; more heat is warmer, thinner air is warmer', () => {
    const states = supplyStates(SAMPLES[1]!.facts, 28, 68);
    expect(states.map(({ id }) => id)).toEqual([
      'heat-pump',
      'with-1',
      'with-2',
      'strips-1',
      'strips-2',
      'defrost-cold',
      'defrost-strips',
    ]);
    for (const { btuh, supplyF } of states) expect(Math.sign(supplyF - 68)).toBe(Math.sign(btuh));
    const high = supplyStates(withFact(SAMPLES[1]!.facts, 'site.elevationFt', 0), 28, 68);
    expect(high[0]!.supplyF).toBeLessThan(states[0]!.supplyF);
  });
  test('at its own airflow equals the state’s; at half the airflow the rise doubles', () => {
    const of = SAMPLES[1]!.facts;
    const [state] = supplyStates(of, 28, 68);
    expect(supplyAtCfm(of, state!, state!.cfm, 68)).toBeCloseTo(state!.supplyF, 9);
    expect(supplyAtCfm(of, state!, state!.cfm / 2, 68) - 68).toBeCloseTo(2 * (state!.supplyF - 68), 9);
  });
  test('below the unit low-temp cutoff has no heat pump and no defrost', () =>
    expect(supplyStates(SAMPLES[1]!.facts, -10, 68).map(({ id }) => id)).toEqual(['strips-1', 'strips-2']));
  test('includes a furnace', () =>
    expect(supplyStates(facts(FURNACE), 20, 68).map(({ id }) => id)).toEqual(['heat-pump', 'furnace', 'defrost-cold']));
});

describe('implausible entries are questioned', () => {
  const points = (...rows: readonly (readonly [number, number, number])[]) =>
    facts(['outdoorUnit.ratingPoints', rows.map(([outdoorF, btuh, kW]) => ({ outdoorF, btuh, kW }))]);
  const said = (of: Facts) =>
    BALANCE_RULES.flatMap((rule) => rule.check(of).map(({ what }) => `${rule.id}: ${what}`)).join('\n');

  test.each<[string, Facts, RegExp]>([
    ['more heat in the cold', points([47, 20_000, 2], [17, 30_000, 3]), /More heat at 17 °F than at 47/],
    ['a power ten times too small', points([47, 30_000, 0.25], [17, 20_000, 2.4]), /At 47 °F the COP would be 35/],
    ['a power ten times too large', points([47, 30_000, 25], [17, 20_000, 2.4]), /At 47 °F the COP would be 0\.4/],
    [
      'points so close that a slip runs away',
      points([47, 30_000, 2.9], [46, 29_900, 2.7]),
      /Extrapolated to 10 °F, the power would be -4\.5 kW/,
    ],
    ['°C typed as °F', points([8.3, 30_000, 2.5], [-8.3, 20_000, 2.4]), /looks like °C/],
    [
      'one point of low stage',
      facts(['outdoorUnit.stages', 'two'], ['outdoorUnit.lowPoints', [LOW[0]]]),
      /One rating point is not enough/,
    ],
    [
      'low stage above full',
      facts(['outdoorUnit.stages', 'two'], ['outdoorUnit.lowPoints', LOW.map((point) => ({ ...point, btuh: 50_000 }))]),
      /low stage shows as much heat as high stage/,
    ],
  ])('%s', (_, of, words) => expect(said(of)).toMatch(words));

  test('a good unit is not questioned', () => expect(said(facts())).toBe(''));
});
