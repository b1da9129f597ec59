import fc from 'fast-check';
import type { ControlProgram } from '../../control/in-time/program';
import { NO_FAULTS } from '../../control/scenario';
import { backupOf } from '../../job/backup';
import { jobModel } from '../../model/job-model';
import { resolveSettings } from '../../setup/resolve';
import { families } from '../../wiring/families';
import { jobHouse } from '../house/job-house';
import type { DayAct } from '../system/acts';
import { type Schedule, setpointsFor } from '../system/schedule';
import { typedWeather } from '../weather/typed-weather';
import { weatherFrom } from '../weather/weather';
import { type DayRun, partsOf, runDay } from './day';

/** What must always hold in a run: over any family, settings, schedule and weather. */
const ALL = families();
const MINUTES = 600;

const orNull = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: null });
const program: fc.Arbitrary<Partial<ControlProgram>> = fc.record({
  differentialF: fc.constantFrom(0.5, 1, 2),
  auxOnF: orNull(fc.constantFrom(1, 2, 4)),
  auxAfterMin: orNull(fc.constantFrom(15, 40)),
  compressorBelowF: orNull(fc.integer({ min: -10, max: 38 })),
  auxAboveF: orNull(fc.integer({ min: 25, max: 55 })),
  minOnMin: fc.integer({ min: 0, max: 8 }),
  minOffMin: fc.integer({ min: 2, max: 9 }),
  compressorStartsPerHour: orNull(fc.constantFrom(2, 3, 6)),
  backupStartsPerHour: orNull(fc.constantFrom(3, 6)),
  paceYieldsF: orNull(fc.constantFrom(0.5, 1)),
  givenWayWaits: fc.boolean(),
  afterFossilMin: fc.integer({ min: 1, max: 6 }),
  recovery: orNull(fc.record({ rateFPerH: fc.constantFrom(2, 4) })),
});
const schedule: fc.Arbitrary<Schedule> = fc.record({
  kind: fc.constantFrom('steady', 'night', 'night-and-away'),
  setpointF: fc.integer({ min: 62, max: 74 }),
  setbackF: fc.integer({ min: 1, max: 10 }),
  wakeHour: fc.constantFrom(3, 6, 7.5),
  sleepHour: fc.constant(22),
});
const act = (kind: DayAct['kind']): fc.Arbitrary<DayAct> =>
  fc.record({
    kind: fc.constant(kind),
    fromMin: fc.integer({ min: 0, max: 300 }),
    toMin: fc.integer({ min: 301, max: 500 }),
  });
const acts = fc.oneof(
  fc.constant([]),
  fc.array(
    fc.oneof(act('power-cut'), act('door-open'), act('banks-held'), act('sensor-lost'), act('compressor-proved-dead')),
    {
      maxLength: 3,
    },
  ),
);
const tried = fc.record({
  family: fc.integer({ min: 0, max: ALL.length - 1 }),
  program,
  schedule,
  acts,
  leastF: fc.integer({ min: -15, max: 45 }),
  swingF: fc.integer({ min: 0, max: 25 }),
  humidity: fc.integer({ min: 30, max: 100 }),
  mode: fc.constantFrom('heat' as const, 'heat' as const, 'heat' as const, 'emergency' as const),
});
type Tried = typeof tried extends fc.Arbitrary<infer T> ? T : never;

const lived = (given: Tried): DayRun => {
  const { facts } = ALL[given.family]!;
  const parts = partsOf(jobModel(facts, NO_FAULTS), resolveSettings({ facts, confirmed: new Set() }), {
    program: given.program,
  });
  const weather = typedWeather({
    leastF: given.leastF,
    mostF: given.leastF + given.swingF,
    humidity: given.humidity,
  });
  return runDay(parts, {
    minutes: MINUTES,
    stepMin: 1,
    mode: given.mode,
    setpoints: setpointsFor(given.schedule, MINUTES),
    weatherAt: weatherFrom(weather, 0),
    start: { roomF: given.schedule.setpointF - 3, massF: given.schedule.setpointF - 3 },
    acts: given.acts,
  });
};

const has = (signals: string, signal: string) => ` ${signals} `.includes(` ${signal} `);

test('energy balances, sources exclude each other, minimums hold, W-out is hot in defrost only', () => {
  fc.assert(
    fc.property(tried, (given) => {
      const { facts } = ALL[given.family]!;
      const { trace, energy } = lived(given);
      const off = energy.heatBtu + energy.gainsBtu - energy.lossBtu - energy.storedBtu;
      expect(Math.abs(off)).toBeLessThan(1e-6 * Math.max(1e4, Math.abs(energy.heatBtu), Math.abs(energy.lossBtu)));
      expect([...trace.roomF, ...trace.supplyF, ...trace.coilF, ...trace.frostLb].every(Number.isFinite)).toBe(true);
      expect(Math.min(...trace.frostLb)).toBeGreaterThanOrEqual(0);
      let offFor = 0;
      for (let tick = 0; tick < trace.roomF.length; tick++) {
        const runs = trace.compressorStage[tick]! > 0;
        if (runs && trace.furnaceStage[tick]! > 0)
          expect([trace.inDefrost[tick], facts.furnace.interlock]).toEqual([true, 'none']);
        if (runs && tick > 0 && trace.compressorStage[tick - 1] === 0)
          expect(offFor).toBeGreaterThanOrEqual(given.program.minOffMin! - 1e-9);
        offFor = runs ? 0 : offFor + 1;
        expect(has(trace.signals[tick]!, 'defrost')).toBe(trace.inDefrost[tick]);
        if (given.mode === 'emergency') expect(runs).toBe(false);
      }
    }),
    { numRuns: 60 },
  );
});

test('emergency heat runs at every outdoor temperature, whatever the lockouts', () => {
  fc.assert(
    fc.property(tried, fc.integer({ min: -30, max: 40 }), (given, leastF) => {
      const { facts } = ALL[given.family]!;
      const { trace } = lived({
        ...given,
        mode: 'emergency',
        acts: [],
        leastF,
        swingF: 5,
        schedule: { ...given.schedule, kind: 'steady' },
      });
      const gives = backupOf(facts) === 'fossil' ? trace.furnaceStage : trace.banksOn;
      if (backupOf(facts) === 'strips' && facts.heatKit.elements.length === 0) return;
      expect(Math.max(...gives)).toBeGreaterThan(0);
    }),
    { numRuns: 40 },
  );
});

test('a lost sensor or a dead compressor never leaves a house without its backup', () => {
  fc.assert(
    fc.property(tried, fc.constantFrom('sensor-lost' as const, 'compressor-proved-dead' as const), (given, kind) => {
      const { facts } = ALL[given.family]!;
      const house = jobHouse(facts);
      const isFossil = backupOf(facts) === 'fossil';
      if (!isFossil && facts.heatKit.elements.length === 0) return;
      // No compressor can carry this; the backup must be there, whatever its gate says.
      const leastF = Math.min(given.leastF, 10);
      const { trace } = lived({
        ...given,
        mode: 'heat',
        leastF,
        swingF: 0,
        schedule: { ...given.schedule, kind: 'steady' },
        program: { ...given.program, auxOnF: 2, auxAboveF: -30, compressorBelowF: kind === 'sensor-lost' ? null : 60 },
        acts: [{ kind, fromMin: 0, toMin: MINUTES }],
      });
      const needBtuh = house.lossBtuhPerF * (given.schedule.setpointF - leastF) - house.gainsBtuh;
      const comes = isFossil ? trace.furnaceStage : trace.banksOn;
      if (kind === 'compressor-proved-dead' || needBtuh > Math.max(...trace.heatBtuh))
        expect(Math.max(...comes)).toBeGreaterThan(0);
    }),
    { numRuns: 40 },
  );
});

test('equal input gives equal output to the bit', () => {
  fc.assert(
    fc.property(tried, (given) => {
      expect(lived(given)).toEqual(lived(given));
    }),
    { numRuns: 6 },
  );
});
