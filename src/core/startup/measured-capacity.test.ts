import { jobBalance } from '../balance/from-job';
import { DEFAULT_MOMENT } from '../control/moment';
import { type FactPath, type Facts, withFact } from '../job/document';
import type { ReadingValue, TakenReading } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import type { MeasuredCapacity } from './capacity';
import { startupOf } from './startup-of';

const STRIPS = SAMPLES[0]!.facts;
const facts = (...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce<Facts>((before, [path, value]) => withFact(before, path, value), {
    ...STRIPS,
    outdoorUnit: {
      ...STRIPS.outdoorUnit,
      stages: 'single',
      ratingPoints: [
        { outdoorF: 47, btuh: 36_000, kW: 2.9 },
        { outdoorF: 17, btuh: 21_000, kW: 2.6 },
      ],
      capacityShare: 1,
    },
    airHandler: { ...STRIPS.airHandler, heatCfm: 1200, auxCfm: 1200 },
    site: { ...STRIPS.site, elevationFt: 0 },
  });
const at = (item: string, value: ReadingValue, minute: number): TakenReading => ({
  ...said(item, value),
  at: new Date(Date.UTC(2026, 1, 1, 8, minute)).toISOString(),
});
/** A run from 8:00, its air read a quarter hour later. */
const RUN = [at('conditions/outdoor', 47, 0), at('heat/volts-outdoor-unit-Y', 24.4, 0)];
const AIR = [at('heat/return', 70, 16), at('heat/supply', 94, 17)];
const capacity = (of: Facts, readings: readonly TakenReading[], step = 'heat'): MeasuredCapacity =>
  startupOf(jobModel(of), readings, DEFAULT_MOMENT).find((each) => each.step.id === step)!.built.capacity!;

test('airflow × rise compared with the rating, with its spread, checked by hand', () => {
  // 1.08 × 1200 CFM × 24 °F = 31,104 Btu/h of 36,000; √(0.15² + (√2 ÷ 24)²) = 16.1 %.
  expect(capacity(facts(), [...RUN, ...AIR])).toMatchObject({
    kind: 'measured',
    btuh: expect.closeTo(31_104, 0),
    spreadBtuh: expect.closeTo(31_104 * 0.1612, -1),
    cfm: 1200,
    cfmFrom: 'setting',
    sheetBtuh: 36_000,
    share: 0.86,
  });
});

test('thin air is already in the reading: the percentage is of the rating as printed', () => {
  const high = facts(['site.elevationFt', 6000], ['outdoorUnit.capacityShare', 0.9]);
  const found = capacity(high, [...RUN, ...AIR]);
  // Air at 6,000 ft is 0.801 of that at sea level: 24,920 Btu/h.
  expect(found).toMatchObject({ kind: 'measured', sheetBtuh: expect.closeTo(36_000, 0), share: 0.69 });
});

test.each<[string, Facts, readonly TakenReading[], RegExp]>([
  ['before it is steady', facts(), [...RUN, at('heat/return', 70, 5), at('heat/supply', 94, 6)], /5 min into the call/],
  ['where nothing says when it began', facts(), [RUN[0]!, ...AIR], /start of the run/],
  ['in a defrost, by its fan', facts(), [...RUN, at('heat/fan-amps', 0, 15), ...AIR], /fan is stopped/],
  [
    'in a defrost, by its air',
    facts(),
    [...RUN, at('heat/return', 70, 16), at('heat/supply', 66, 17)],
    /not being heated/,
  ],
  [
    'where the two were not read together',
    facts(),
    [...RUN, at('heat/return', 70, 16), at('heat/supply', 94, 40)],
    /apart/,
  ],
  [
    'of an inverter, which finds its own speed',
    facts(['outdoorUnit.stages', 'inverter']),
    [...RUN, ...AIR],
    /own speed/,
  ],
  [
    'where the compressor is locked out and strips stand in',
    facts(['thermostat.outdoorSensor', 'wired'], ['gates.compressorBelowF', 55]),
    [...RUN, ...AIR],
    /./,
  ],
  [
    'that nothing can have',
    facts(),
    [...RUN, at('heat/return', 70, 16), at('heat/supply', 75, 17)],
    /not a real capacity/,
  ],
])('is refused %s', (_, of, readings, why) => {
  const found = capacity(of, readings);
  expect(found.kind).toBe('refused');
  expect(found.kind === 'refused' && found.why).toMatch(why);
});

test('what is missing is named', () => {
  expect(capacity(facts(), RUN)).toEqual({ kind: 'waits', what: 'the return air' });
  expect(capacity(facts(), [RUN[1]!, ...AIR])).toEqual({ kind: 'waits', what: 'the outdoor temperature' });
});

test('a two-stage unit is compared with its low stage in heat 1, with full in heat 2', () => {
  const low = [
    { outdoorF: 47, btuh: 25_000, kW: 1.9 },
    { outdoorF: 17, btuh: 14_000, kW: 1.7 },
  ];
  const two = facts(['outdoorUnit.stages', 'two'], ['thermostat.compressorOutputs', 2], ['outdoorUnit.lowPoints', low]);
  expect(capacity(two, [...RUN, at('heat/return', 70, 16), at('heat/supply', 88, 17)])).toMatchObject({
    sheetBtuh: 25_000,
  });
  const second = [at('heat-2/volts-outdoor-unit-Y2', 24, 20), at('heat-2/return', 70, 36), at('heat-2/supply', 94, 37)];
  expect(capacity(two, [...RUN, ...second], 'heat-2')).toMatchObject({ sheetBtuh: 36_000, share: 0.86 });
});

test('applied, it moves balance and ruler, and readings are still judged by the rating', () => {
  const taken = facts(['proof.measuredShare', 0.86]);
  expect(jobBalance(taken).thermalBalanceF).toBeGreaterThan(jobBalance(facts()).thermalBalanceF!);
  const supplyOf = (of: Facts) =>
    startupOf(jobModel(of), [...RUN, ...AIR], DEFAULT_MOMENT)
      .flatMap(({ items }) => items)
      .find(({ key }) => key === 'heat/supply')!;
  expect(supplyOf(taken).expected).toEqual(supplyOf(facts()).expected);
  expect(capacity(taken, [...RUN, ...AIR])).toMatchObject({ share: 0.86 });
});
