import fc from 'fast-check';
import { assumedFacts, type FactPath, type Facts, withFact } from '../../job/document';
import { BTU_PER_KWH } from '../../units/constants';
import { jobBalance } from '../from-job';
import { BALANCE_RULES } from '../rules';
import { jobLoad, weighEvidence } from '.';

const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), assumedFacts());
const estimate = (of: Facts, id: string) => weighEvidence(of).find(({ evidence }) => evidence.id === id)!.estimate;
const known = (of: Facts, id: string) => {
  const found = estimate(of, id);
  if (found.kind !== 'known') throw new Error(found.what);
  return found;
};

/** 52 °F between design and the no-heat temperature. */
const house = (btuhPerF: number) => ({ designBtuh: btuhPerF * 52 });

describe('run hours', () => {
  test('strips alone: hours times kW over the day and its degrees', () => {
    // 9.6 kW for 12 h on a day 42 °F below the no-heat temperature.
    const of = facts(['load.runDays', [{ outdoorF: 20, compressorHours: 0, backupHours: 12 }]]);
    const kW = of.heatKit.elements.reduce((sum, element) => sum + element.kW, 0);
    expect(known(of, 'run-time').designBtuh).toBeCloseTo(house((kW * BTU_PER_KWH * 12) / 24 / 42).designBtuh, 6);
  });

  test('days that agree recover the house they came from, whatever its loss', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 450 }),
        fc.uniqueArray(fc.integer({ min: -5, max: 35 }), { minLength: 2, maxLength: 6 }),
        (btuhPerF, coldsF) => {
          const stripsBtuh = assumedFacts().heatKit.elements.reduce((sum, { kW }) => sum + kW, 0) * BTU_PER_KWH;
          const days = coldsF.map((outdoorF) => ({
            outdoorF,
            compressorHours: 0,
            backupHours: (24 * btuhPerF * (62 - outdoorF)) / stripsBtuh,
          }));
          expect(known(facts(['load.runDays', days]), 'run-time').designBtuh).toBeCloseTo(
            house(btuhPerF).designBtuh,
            4,
          );
        },
      ),
    ));

  test('more days that agree narrow the band; scattered days widen it', () => {
    const day = (outdoorF: number, backupHours: number) => ({ outdoorF, compressorHours: 0, backupHours });
    const cold = known(facts(['load.runDays', [day(10, 13)]]), 'run-time').uncertainty;
    const mild = known(facts(['load.runDays', [day(45, 4)]]), 'run-time').uncertainty;
    const scattered = known(facts(['load.runDays', [day(10, 18), day(12, 6)]]), 'run-time').uncertainty;
    expect(mild).toBeGreaterThan(cold);
    expect(scattered).toBeGreaterThan(cold);
  });

  test('hours of a backup that gives no heat are not an estimate', () => {
    const hours = [{ outdoorF: 10, compressorHours: 0, backupHours: 12 }];
    expect(estimate(facts(['heatKit.elements', []], ['load.runDays', hours]), 'run-time')).toMatchObject({
      kind: 'missing',
    });
  });

  test('a mild day, no hours, or a staged compressor says what is needed instead', () => {
    expect(
      estimate(facts(['load.runDays', [{ outdoorF: 58, compressorHours: 2, backupHours: 0 }]]), 'run-time'),
    ).toMatchObject({ kind: 'missing' });
    expect(
      estimate(
        facts(['outdoorUnit.stages', 'two'], ['load.runDays', [{ outdoorF: 10, compressorHours: 20, backupHours: 0 }]]),
        'run-time',
      ),
    ).toMatchObject({
      kind: 'missing',
      what: expect.stringMatching(/staged or inverter/),
    });
  });
});

describe('a winter’s bills', () => {
  test('therms times efficiency over degree-days, at the no-load temperature', () => {
    // 90 days, 3000 degree-days to 65: 33.3 below 65, 30.3 below 62.
    const of = facts(['load.billUnits', 400]);
    const btuhPerF = (400 * 100_000 * 0.8) / (24 * 90 * (3000 / 90 - 3));
    expect(known(of, 'bill').designBtuh).toBeCloseTo(house(btuhPerF).designBtuh, 6);
  });
  test('resistance heat counts by the kWh', () => {
    const of = facts(['load.billUnits', 8000], ['load.billFuel', 'electric'], ['load.billEfficiency', 1]);
    expect(known(of, 'bill').designBtuh).toBeCloseTo(
      house((8000 * BTU_PER_KWH) / (24 * 90 * (3000 / 90 - 3))).designBtuh,
      6,
    );
  });
  test('a mild season asks for the cold months', () =>
    expect(
      estimate(facts(['load.billUnits', 400], ['load.billDays', 300], ['load.billDegreeDays', 3000]), 'bill'),
    ).toMatchObject({
      kind: 'missing',
      what: expect.stringMatching(/cold months/),
    }));
});

test('floor area counts by age and is trusted least', () => {
  const of = facts(['load.floorFt2', 2000], ['load.built', 'before-1950']);
  expect(known(of, 'floor-area').designBtuh).toBeCloseTo(house(2000 * 0.6).designBtuh, 6);
  expect(weighEvidence(of).map(({ evidence, trust }) => [evidence.id, trust])).toEqual([
    ['heat-loss', 1],
    ['run-time', null],
    ['bill', null],
    ['floor-area', 2],
  ]);
});

describe('the estimate in use', () => {
  test('sets the load line, the balance point and the need', () => {
    const of = facts(['load.floorFt2', 1000], ['load.from', 'floor-area']);
    expect(jobLoad(of).load.designBtuh).toBeCloseTo(1000 * 0.33 * 52, 6);
    expect(jobBalance(of).thermalBalanceF!).toBeLessThan(jobBalance(facts()).thermalBalanceF!);
  });
  test('falls back on the heat-loss figure if incomplete, and says so', () => {
    const of = facts(['load.from', 'bill']);
    expect(jobLoad(of)).toEqual(jobLoad(facts()));
    const found = BALANCE_RULES.find(({ id }) => id === 'load-evidence-agrees')!.check(of);
    expect(found[0]!.what).toMatch(/incomplete/);
  });
  test('is questioned when a more trusted one disagrees, with a one-tap fix', () => {
    const of = facts(['load.heatLossIs', 'guess'], ['load.billUnits', 150]);
    const [found] = BALANCE_RULES.find(({ id }) => id === 'load-evidence-agrees')!.check(of);
    expect(found!.fixBy).toEqual([{ path: 'load.from', value: 'bill' }]);
    expect(
      BALANCE_RULES.find(({ id }) => id === 'load-evidence-agrees')!.check(withFact(of, 'load.from', 'bill')),
    ).toEqual([]);
  });
});
