import fc from 'fast-check';
import { type Demand, demandAtRest, type DemandInputs, setpointNow, shortBy, signalsOf, stepDemand } from './demand';
import type { ControlProgram } from './program';
import { type Mode, terminalsOf } from './signals';

const minutes = fc.integer({ min: 0, max: 20 });
const orNull = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: null });
const program: fc.Arbitrary<ControlProgram> = fc.record({
  differentialF: fc.constantFrom(0.5, 1, 2),
  compressorStages: fc.constantFrom(1, 2),
  upstageMin: orNull(minutes),
  stage2OnF: orNull(fc.constantFrom(1, 1.5, 3)),
  auxOnF: orNull(fc.constantFrom(1.5, 2, 4)),
  auxOffF: fc.constantFrom(0, 0.5, 1),
  auxAfterMin: orNull(fc.integer({ min: 5, max: 60 })),
  backup: fc.constantFrom('electric', 'fossil', 'none'),
  valve: fc.constantFrom('O', 'B'),
  compressorBelowF: orNull(fc.integer({ min: -5, max: 40 })),
  auxAboveF: orNull(fc.integer({ min: 20, max: 55 })),
  lockoutPlayF: fc.constantFrom(0, 2, 5),
  onSensorLoss: fc.constantFrom('free', 'keep'),
  minOnMin: minutes,
  minOffMin: minutes,
  backupMinOnMin: minutes,
  compressorStartsPerHour: orNull(fc.constantFrom(2, 3, 6)),
  backupStartsPerHour: orNull(fc.constantFrom(2, 6)),
  paceYieldsF: orNull(fc.constantFrom(0.5, 1)),
  givenWayWaits: fc.boolean(),
  afterFossilMin: minutes,
  powerUpHoldMin: minutes,
  recovery: orNull(fc.record({ rateFPerH: fc.constantFrom(2, 4) })),
  learning: orNull(fc.record({ startsPerDay: fc.constant(3), stepF: fc.constant(0.5), mostF: fc.constant(2) })),
});

/** A day of wandering room temperature, by the minute. */
const inputs: fc.Arbitrary<DemandInputs[]> = fc
  .tuple(
    fc.array(
      fc.record({
        roomF: fc.double({ min: 60, max: 74, noNaN: true }),
        outdoorF: orNull(fc.integer({ min: -10, max: 60 })),
      }),
      {
        minLength: 4,
        maxLength: 24,
      },
    ),
    fc.constantFrom<Mode[]>(['heat'], ['heat', 'emergency'], ['heat', 'off', 'heat'], ['cool'], ['emergency', 'heat']),
    fc.boolean(),
  )
  .map(([spells, modes, hasFault]) =>
    spells.flatMap((spell, at) =>
      Array.from({ length: 15 }, () => ({
        ...spell,
        mode: modes[Math.floor((at * modes.length) / spells.length)]!,
        setpoints: [
          { fromMin: 0, setpointF: 66 },
          { fromMin: 150, setpointF: 70 },
        ],
        hasFault: hasFault && at % 5 === 4,
      })),
    ),
  );

const course = (given: ControlProgram, steps: readonly DemandInputs[]): Demand[] => {
  let demand = demandAtRest(steps[0]!.mode);
  return steps.map((each, tick) => (demand = stepDemand(demand, given, each, tick)));
};

test('saved while running and resumed, a thermostat does the same to the bit', () => {
  fc.assert(
    fc.property(program, inputs, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (given, steps, share) => {
      const whole = course(given, steps);
      const cut = Math.max(1, Math.floor(share * steps.length));
      let demand = JSON.parse(JSON.stringify(whole[cut - 1])) as Demand;
      for (let tick = cut; tick < steps.length; tick++) demand = stepDemand(demand, given, steps[tick]!, tick);
      expect(demand).toEqual(whole.at(-1));
    }),
    { numRuns: 150 },
  );
});

test('compressor and furnace never heat together; minimum times and starts per hour hold; a fault frees the backup', () => {
  fc.assert(
    fc.property(program, inputs, (given, steps) => {
      let offSince = 0;
      let lastStart = -Infinity;
      const demands = course(given, steps);
      demands.forEach((demand, tick) => {
        const { mode, hasFault, setpoints, roomF } = steps[tick]!;
        const signals = signalsOf(demand);
        const before = demands[tick - 1];
        const { setpointF } = setpointNow(setpoints, given, mode, tick);
        const { paceYieldsF, differentialF } = given;
        const isFarShort =
          paceYieldsF !== null && shortBy(mode, setpointF, roomF) >= differentialF / 2 + paceYieldsF - 1e-9;
        if (given.backup === 'fossil') expect(signals.isCompressing && signals.isBackup).toBe(false);
        if (signals.isEmergency) expect([signals.isCompressing, signals.isBackup]).toEqual([false, false]);
        if (mode === 'off') expect(terminalsOf(signals, mode, given)).toBe('');
        if (signals.isSecondStage) expect([signals.isCompressing, given.compressorStages]).toEqual([true, 2]);
        if (signals.isCompressing && !before?.compressor.isOn) {
          expect(tick).toBeGreaterThanOrEqual(given.powerUpHoldMin);
          expect(tick - offSince).toBeGreaterThanOrEqual(given.minOffMin);
          const mayComeSooner = isFarShort || (!given.givenWayWaits && before?.hasGivenWay);
          if (given.compressorStartsPerHour && !mayComeSooner)
            expect(tick - lastStart).toBeGreaterThanOrEqual(60 / given.compressorStartsPerHour);
          lastStart = tick;
        }
        if (!signals.isCompressing && before?.compressor.isOn) offSince = tick;
        if (mode === 'heat' && hasFault && demand.isCalling && given.backup !== 'none' && !signals.isBackup) {
          // Only its starts per hour while the room is not far short, or the hold after power-up, may delay it.
          const { lastStartMin } = demand.backup;
          const waits = lastStartMin !== null && tick - lastStartMin < 60 / (given.backupStartsPerHour ?? Infinity);
          expect((waits && !isFarShort) || tick < given.powerUpHoldMin).toBe(true);
        }
      });
    }),
    { numRuns: 200 },
  );
});

/** A dual-fuel thermostat, six compressor starts and three furnace starts an hour at most. */
const DUAL_FUEL: ControlProgram = {
  differentialF: 1,
  compressorStages: 1,
  upstageMin: null,
  stage2OnF: null,
  auxOnF: 2,
  auxOffF: 1,
  auxAfterMin: null,
  backup: 'fossil',
  valve: 'O',
  compressorBelowF: null,
  auxAboveF: null,
  lockoutPlayF: 0,
  onSensorLoss: 'free',
  minOnMin: 0,
  minOffMin: 5,
  backupMinOnMin: 3,
  compressorStartsPerHour: 2,
  backupStartsPerHour: 3,
  paceYieldsF: 1,
  givenWayWaits: false,
  afterFossilMin: 3,
  powerUpHoldMin: 0,
  recovery: null,
  learning: null,
};

/** Minutes at which something starts, for a room temperature each minute. */
const startsIn = (given: ControlProgram, rooms: readonly number[], what: 'compressor' | 'backup'): number[] => {
  const setpoints = [{ fromMin: 0, setpointF: 68 }];
  const steps = rooms.map((roomF): DemandInputs => ({ mode: 'heat', setpoints, outdoorF: 20, roomF, hasFault: false }));
  return course(given, steps).flatMap((demand, tick) => (demand[what].lastStartMin === tick ? [tick] : []));
};
const held = (roomF: number, minutes: number) => Array.from({ length: minutes }, () => roomF);

test('near the setpoint a start waits for its starts per hour; a degree and a half short nothing waits', () => {
  // Starts at minute 5, satisfied at 10, short again at 12.
  const before = [...held(67.4, 10), ...held(68.6, 2)];
  const electric = { ...DUAL_FUEL, backup: 'electric' as const, auxOnF: null };
  expect(startsIn(electric, [...before, ...held(67.4, 30)], 'compressor')).toEqual([5, 35]);
  expect(startsIn(electric, [...before, ...held(66.5, 30)], 'compressor')).toEqual([5, 15]);
  expect(startsIn({ ...electric, paceYieldsF: null }, [...before, ...held(66.5, 30)], 'compressor')).toEqual([5, 35]);
});

test('a compressor that gave way to the furnace does not wait for its starts per hour again', () => {
  // It starts at 5, gives way at 10, and is wanted again near the setpoint once the furnace is done.
  const rooms = [...held(67.4, 10), ...held(66, 4), ...held(68.6, 3), ...held(67.4, 30)];
  expect(startsIn(DUAL_FUEL, rooms, 'backup')).toEqual([10]);
  expect(startsIn(DUAL_FUEL, rooms, 'compressor')).toEqual([5, 17]);
  expect(startsIn({ ...DUAL_FUEL, givenWayWaits: true }, rooms, 'compressor')).toEqual([5, 35]);
});

test('recovery starts early enough to reach the setpoint in time, and no earlier', () => {
  const setpoints = [
    { fromMin: 0, setpointF: 62 },
    { fromMin: 360, setpointF: 68 },
  ];
  const at = (atMin: number) => setpointNow(setpoints, { recovery: { rateFPerH: 3 } }, 'heat', atMin);
  // Six degrees at three per hour: two hours before six.
  expect(at(239)).toEqual({ setpointF: 62, isRecovering: false });
  expect(at(300)).toEqual({ setpointF: 65, isRecovering: true });
  expect(at(360)).toEqual({ setpointF: 68, isRecovering: false });
  expect(setpointNow(setpoints, { recovery: null }, 'heat', 300).setpointF).toBe(62);
});
