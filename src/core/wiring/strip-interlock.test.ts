import { backupNeeds } from '../balance/backup-need';
import { balanceChart } from '../balance/chart';
import { balanceAt, jobLockouts } from '../balance/from-job';
import { supplyStates } from '../balance/supply-states';
import { jobPlant } from '../balance/year/from-job';
import { hourOf } from '../balance/year/hour';
import { checkEquipment } from '../check/equipment';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { withCondition } from '../control/scenario';
import { control } from '../control/thermostat';
import { COMPRESSOR_COIL } from '../devices/ids';
import { jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { serviceLoad } from '../service/service-load';
import { BTU_PER_KWH } from '../units/constants';
import { wireRows } from './as-found';
import { familyById } from './families';
import { plan } from './plan';
import { refusals } from './refusals';
import { benchFor } from './state';

const FAMILIES = [
  'w1-w2+aux-e+single+w-out+o',
  'w1-w2+aux-e+single+w-in-out+o',
  'w1-w2+aux1-aux2-e+single+w-out+b',
  'packaged+aux-e+single+no-w+o',
] as const;
type Dials = Facts['gates']['outdoorThermostats'];

const holding = (
  family: string,
  { dials = [], gates = {} }: { dials?: Dials; gates?: Partial<Facts['gates']> } = {},
) => {
  const { facts } = familyById(family)!;
  return {
    ...facts,
    thermostat: { ...facts.thermostat, outdoorSensor: 'weather' as const },
    gates: { ...facts.gates, compressorBelowF: null, ...gates, outdoorThermostats: dials },
    boxes: { ...facts.boxes, heldBank: 2 },
  };
};
/** Bank numbers that a call turns on, and C if the compressor runs. */
const brings = (facts: Facts, call: CallId, outdoorF: number, shed = false) => {
  const { energized } = benchFor(facts, plan(facts)).at(facts, {
    ...DEFAULT_MOMENT,
    outdoorF,
    call,
    ...(shed ? { scenario: withCondition('utility-shed') } : {}),
  });
  return [
    ...(energized.has(COMPRESSOR_COIL) ? ['C'] : []),
    ...[...energized].flatMap((coil) => /^heat bank (\d)$/.exec(coil)?.[1] ?? []).sort(),
  ].join('');
};

describe.each(FAMILIES)('a relay on Y locks out bank 2: %s', (family) => {
  test('with the compressor on, bank 1 heats alone; emergency, and a call under the lockout, turn on both', () => {
    const facts = holding(family, { gates: { compressorBelowF: 5 } });
    expect(brings(facts, 'heat-aux', 20)).toBe('C1');
    expect(brings(facts, 'emergency', 20)).toBe('12');
    expect(brings(facts, 'heat-aux', 0)).toBe('12');
    expect(brings(facts, 'defrost', 20)).not.toContain('2');
    const why = (outdoorF: number) =>
      control(facts, { ...DEFAULT_MOMENT, outdoorF, call: 'heat-aux' }).lockedOut.map((held) => held.why);
    expect(why(20)).toEqual([expect.stringContaining('the strip interlock keeps bank 2 off')]);
    expect(why(0)).toEqual([expect.stringContaining('locked out below 5 °F')]);
  });

  test('with the utility’s relay in Y open the compressor is off, and both banks heat', () => {
    const facts = holding(family);
    const shed: Facts = { ...facts, boxes: { ...facts.boxes, loadControl: 'Y' } };
    expect(brings(shed, 'heat-aux', 20)).toBe('C1');
    expect(brings(shed, 'heat-aux', 20, true)).toBe('12');
    expect(plan(shed).devices.some(({ id }) => id === 'strip-interlock')).toBe(true);
  });

  test('behind an outdoor thermostat too, each acts by itself', () => {
    if (family === 'w1-w2+aux-e+single+w-in-out+o') return;
    for (const dials of [[{ bank: 2, closesBelowF: 25 }], [{ bank: 0, closesBelowF: 25 }]]) {
      const facts = holding(family, { dials, gates: { compressorBelowF: 5 } });
      if (refusals(facts).length > 0) continue;
      expect(brings(facts, 'heat-aux', 20)).toBe('C1');
      expect(brings(facts, 'heat-aux', 0)).toBe('12');
      expect(brings(facts, 'emergency', 40)).toBe('12');
    }
  });

  test('is wired as planned without an error, and a wire past the relay is reported', () => {
    const facts = holding(family);
    const rules = (of: Facts) => checkEquipment(jobModel(of)).filter(({ severity }) => severity === 'error');
    expect(rules(facts)).toEqual([]);
    const rows = wireRows(plan(facts));
    const asFound = rows.map((row) => (row.from === 'strip-interlock.Y' ? { ...row, from: '' } : row));
    expect(asFound).not.toEqual(rows);
    const found: Facts = { ...facts, wiring: { ...facts.wiring, asFound } };
    expect(rules(found).map(({ rule }) => rule)).toContain('bank-held-out');
  });
});

test('a missing bank, or the first, cannot be locked out: refused, with what to do', () => {
  const facts = holding('w1-w2+aux-e+single+w-out+o');
  const none: Facts = { ...facts, boxes: { ...facts.boxes, heldBank: 3 } };
  expect(refusals(none).map(({ rule, fixBy }) => [rule, fixBy])).toEqual([
    ['held-bank-missing', [{ path: 'boxes.heldBank', value: null }]],
  ]);
  expect(refusals(facts)).toEqual([]);
});

test('every heat figure leaves the locked-out bank out with the compressor on, and includes it with the compressor off', () => {
  const free = holding('w1-w2+aux-e+single+w-out+o', { gates: { compressorBelowF: 5 } });
  const held = free;
  const open: Facts = { ...free, boxes: { ...free.boxes, heldBank: null } };
  const bank2 = jobBanks(held)[1]!.kW * BTU_PER_KWH;
  expect(balanceAt(open, 20).allowedBtuh - balanceAt(held, 20).allowedBtuh).toBeCloseTo(bank2, 6);
  expect(balanceAt(open, 0).allowedBtuh).toBeCloseTo(balanceAt(held, 0).allowedBtuh, 6);
  expect(jobLockouts({ ...held, gates: { ...held.gates, compressorBelowF: null } }).banksCloseBelowF).toEqual([
    null,
    -Infinity,
  ]);
  const chart = (facts: Facts) => balanceChart(facts);
  const lines = (facts: Facts) => chart(facts).lines.map(({ label }) => label);
  expect(lines(open).filter((label) => !lines(held).includes(label))).toEqual(['+ bank 2']);
  expect(chart(held).marks.map(({ label }) => label)).toEqual(chart(open).marks.map(({ label }) => label));
  const labels = (facts: Facts) => supplyStates(facts, 20, 70).map(({ label }) => label);
  expect(labels(open)).toContain('Heat pump + banks 1 + 2');
  expect(labels(held)).not.toContain('Heat pump + banks 1 + 2');
  expect(labels(held)).toContain('Banks 1 + 2 alone');
});

test('an hour of the year is short by what the locked-out bank would have given, to the watt', () => {
  const holds = holding('w1-w2+aux-e+single+w-out+o', { gates: { compressorBelowF: 5 } });
  const facts: Facts = { ...holds, outdoorUnit: { ...holds.outdoorUnit, stripsInDefrost: false } };
  const open: Facts = { ...facts, boxes: { ...facts.boxes, heldBank: null } };
  const [plant, free] = [facts, open].map((of) => ({
    ...jobPlant(of),
    load: { ...jobPlant(of).load, designBtuh: 250_000 },
  }));
  const bank2 = jobBanks(facts)[1]!.kW * BTU_PER_KWH;
  expect(hourOf(plant!)(20).shortBtuh - hourOf(free!)(20).shortBtuh).toBeCloseTo(bank2, 6);
  expect(hourOf(plant!)(0).shortBtuh).toBeCloseTo(hourOf(free!)(0).shortBtuh, 6);
  expect([plant!.temperingKW, jobPlant(holds).temperingKW]).toEqual([0, jobBanks(facts)[0]!.kW]);
  const design = (of: Facts) => backupNeeds(of).find(({ id }) => id === 'design')!;
  // A house that needs more than bank 1 at design, and less than both give.
  const [first] = jobBanks(facts);
  const designBtuh = balanceAt(facts, 6).heatPumpBtuh + (first!.kW + 1) * BTU_PER_KWH;
  const tight: Facts = { ...facts, house: { ...facts.house, designOutdoorF: 6, designBtuh } };
  expect([design(tight).isMet, design({ ...tight, boxes: open.boxes }).isMet]).toEqual([false, true]);
});

test('the service load with the bank locked out is the one planned', () => {
  const facts = holding('w1-w2+aux-e+single+w-out+o');
  const states = serviceLoad(facts).states;
  expect(states.filter(({ isPlanned }) => isPlanned).map(({ id }) => id)).toEqual(['without-2']);
  const open: Facts = { ...facts, boxes: { ...facts.boxes, heldBank: null } };
  expect(
    serviceLoad(open)
      .states.filter(({ isPlanned }) => isPlanned)
      .map(({ id }) => id),
  ).toEqual(['all']);
});
