import fc from 'fast-check';
import { NO_FAULTS, withFault } from '../../control/scenario';
import { assumedFacts, type Facts } from '../../job/document';
import { jobModel } from '../../model/job-model';
import { SAMPLES } from '../../samples';
import { resolveSettings } from '../../setup/resolve';
import { families } from '../../wiring/families';
import { type DayAsked, type DayRun, partsOf, runDay } from './day';

const DAY_MIN = 1440;

const asked = (change: Partial<DayAsked> & { readonly meanF?: number } = {}): DayAsked => {
  const { meanF = 24, ...rest } = change;
  return {
    minutes: DAY_MIN,
    stepMin: 1,
    mode: 'heat',
    setpoints: [{ fromMin: 0, setpointF: 68 }],
    // Coldest before dawn, warmest in the afternoon.
    weatherAt: (atMin) => ({
      outdoorF: meanF - 9 * Math.cos(((atMin - 300) / DAY_MIN) * 2 * Math.PI),
      relativeHumidity: 0.75,
    }),
    start: { roomF: 68, massF: 68 },
    ...rest,
  };
};

const ran = (facts: Facts, of: DayAsked, scenario = NO_FAULTS): DayRun =>
  runDay(partsOf(jobModel(facts, scenario), resolveSettings({ facts, confirmed: new Set() })), of);

const kWh = ({ trace, stepMin }: DayRun) => (trace.kW.reduce((sum, each) => sum + each, 0) * stepMin) / 60;

const closes = ({ energy: { heatBtu, gainsBtu, lossBtu, storedBtu } }: DayRun) =>
  Math.abs(heatBtu + gainsBtu - lossBtu - storedBtu) / Math.max(1, Math.abs(heatBtu));

test('heat in, minus loss, minus storage is zero, in every family and weather', () => {
  const all = families();
  fc.assert(
    fc.property(fc.integer({ min: 0, max: all.length - 1 }), fc.integer({ min: -10, max: 55 }), (at, meanF) => {
      expect(closes(ran(all[at]!.facts, asked({ meanF, minutes: 480 })))).toBeLessThan(1e-6);
    }),
    { numRuns: 40 },
  );
});

test('compressor and furnace never heat together, and the compressor keeps its minimum off time', () => {
  const fossil = families().filter(({ facts }) => facts.system.backup === 'furnace');
  fc.assert(
    fc.property(fc.integer({ min: 0, max: fossil.length - 1 }), fc.integer({ min: -5, max: 45 }), (at, meanF) => {
      const { facts } = fossil[at]!;
      const { trace } = ran(facts, asked({ meanF, minutes: 600, start: { roomF: 65, massF: 66 } }));
      let offFor = Infinity;
      trace.compressorStage.forEach((stage, tick) => {
        if (stage > 0 && trace.furnaceStage[tick]! > 0) expect(trace.inDefrost[tick]).toBe(true);
        if (stage > 0 && offFor > 0) expect(offFor).toBeGreaterThanOrEqual(5);
        offFor = stage > 0 ? 0 : offFor + 1;
      });
    }),
    { numRuns: 25 },
  );
});

const holds = SAMPLES.filter(({ facts }) => jobModel(facts, NO_FAULTS).crossing.gapsF.length === 0);

test.each(holds.map(({ id, facts }) => [id, facts] as const))('%s holds its setpoint through a day', (_, facts) => {
  const { trace } = ran(facts, asked({ meanF: facts.house.designOutdoorF + 25 }));
  const later = trace.roomF.slice(240);
  expect(Math.min(...later)).toBeGreaterThan(64);
  expect(Math.max(...later)).toBeLessThan(71);
});

test('a job with a gap between its lockouts cools in the gap, and nowhere else', () => {
  const { facts } = SAMPLES.find(({ facts: each }) => jobModel(each, NO_FAULTS).crossing.gapsF.length > 0)!;
  const [[fromF, toF]] = jobModel(facts, NO_FAULTS).crossing.gapsF as [[number, number]];
  const still = (atF: number): DayRun =>
    ran(facts, asked({ minutes: 600, weatherAt: () => ({ outdoorF: atF, relativeHumidity: 0.6 }) }));
  const inside = still((fromF + toF) / 2);
  expect(Math.max(...inside.trace.heatBtuh)).toBe(0);
  expect(inside.trace.roomF.at(-1)!).toBeLessThan(64);
  for (const atF of [fromF - 4, toF + 4]) expect(still(atF).trace.roomF.at(-1)!).toBeGreaterThan(65);
});

test('equal input gives equal output to the bit, and half the step changes a day’s energy by less than one percent', () => {
  const facts = assumedFacts();
  const [once, again] = [ran(facts, asked()), ran(facts, asked())];
  expect(again).toEqual(once);
  const fine = ran(facts, asked({ stepMin: 0.5 }));
  const given = ({ energy }: DayRun) => energy.heatBtu - energy.storedBtu;
  expect(Math.abs(given(fine) / given(once) - 1)).toBeLessThan(0.01);
});

test('W-out is hot in defrost only, and the house supplies the heat', () => {
  const facts = assumedFacts();
  const { trace } = ran(facts, asked({ meanF: 34 }));
  expect(trace.inDefrost).toContain(true);
  trace.inDefrost.forEach((is, tick) => expect(trace.signals[tick]!.includes('defrost')).toBe(is));
  const cold = { ...facts, outdoorUnit: { ...facts.outdoorUnit, stripsInDefrost: false } };
  const bare = ran(cold, asked({ meanF: 34 }));
  expect(bare.trace.heatBtuh.some((each, tick) => each < 0 && bare.trace.inDefrost[tick]!)).toBe(true);
});

test('colder days use more, an open Y leaves the house to its strips, and a day without backup cools', () => {
  const facts = assumedFacts();
  const [mild, cold] = [ran(facts, asked({ meanF: 40 })), ran(facts, asked({ meanF: 10 }))];
  expect(kWh(cold)).toBeGreaterThan(kWh(mild));
  const open = ran(facts, asked({ meanF: 24 }), withFault('open:outdoor-cable/yellow'));
  expect(Math.max(...open.trace.compressorStage)).toBe(0);
  expect(Math.max(...open.trace.banksOn)).toBeGreaterThan(0);
  const bare: Facts = { ...facts, heatKit: { ...facts.heatKit, elements: [] } };
  const left = ran(bare, asked({ meanF: -5 }));
  expect(left.trace.roomF.at(-1)!).toBeLessThan(64);
});

test('emergency heat holds the house in deep cold with the outdoor unit off', () => {
  const facts = assumedFacts();
  const { trace } = ran(facts, asked({ meanF: facts.house.designOutdoorF + 15, mode: 'emergency' }));
  expect(Math.max(...trace.compressorStage)).toBe(0);
  expect(Math.min(...trace.roomF)).toBeGreaterThan(64);
});
