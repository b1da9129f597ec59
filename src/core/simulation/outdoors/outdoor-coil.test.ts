import { boardAtRest, stepBoard } from '../../control/in-time/board';
import type { BoardProgram } from '../../control/in-time/board-program';
import { coatShare, COIL, type CoilSize, type CoilState, stepCoil } from './outdoor-coil';

/** A three-ton unit: as rated at 47 °F. */
const SIZE: CoilSize = {
  capacityBtuh: 36_000,
  powerBtuh: 3.0 * 3412.14,
  elevationFt: 0,
  contact: COIL.contact,
  melts: 1,
  split: 1,
};

/** The same unit with a clean coil in other weather. */
const at = (outdoorF: number) => ({
  capacityBtuh: 36_000 - 480 * (47 - outdoorF),
  powerBtuh: (3.0 - 0.011 * (47 - outdoorF)) * 3412.14,
});

const board = (intervalMin: number, capMin = 10): BoardProgram => ({
  kind: 'time-temperature',
  intervalMin,
  earlyShare: 1,
  counts: 'run',
  whenDue: 'wait',
  closesF: 30,
  opensF: 60,
  capMin,
  onCallLoss: 'resumes',
  pauseMaxMin: null,
});

const STEP_MIN = 0.25;

/** Hours of unbroken heating: mean heat and power as shares of what a clean coil gives, and the coats at defrosts. */
const hours = (outdoorF: number, relativeHumidity: number, program: BoardProgram, size = SIZE, forHours = 12) => {
  const clean = at(outdoorF);
  let state: CoilState = { coilF: outdoorF, frostLb: 0 };
  let defrost = boardAtRest(program);
  let [heat, power] = [0, 0];
  const ended: string[] = [];
  const leftLb: number[] = [];
  const ticks = (forHours * 60) / STEP_MIN;
  for (let tick = 0; tick < ticks; tick++) {
    const decided = stepBoard(defrost, program, { hasCall: true, coilF: state.coilF, outdoorF }, STEP_MIN);
    defrost = decided.state;
    if (decided.event?.kind === 'ends') {
      ended.push(decided.event.by);
      leftLb.push(state.frostLb);
    }
    const kind = defrost.phase.kind === 'defrosting' ? 'defrost' : 'heating';
    const answer = stepCoil(state, size, { kind, ...clean }, { outdoorF, relativeHumidity }, STEP_MIN);
    state = answer.state;
    heat += answer.heatBtuh / ticks;
    power += answer.powerBtuh / ticks;
  }
  return { heat: heat / clean.capacityBtuh, power: power / clean.powerBtuh, ended, leftLb, state };
};

// Relative humidity from dry and wet bulb at sea level: 35/33 °F is 0.82, 47/43 is 0.73, 17/15 is 0.70.
test.each([60, 90])(
  'at 35 °F dry, 33 °F wet bulb a %d min board keeps 0.90 of the heat at 0.985 of the power',
  (min) => {
    const { heat, power, ended } = hours(35, 0.82, board(min));
    expect(heat).toBeGreaterThanOrEqual(0.88);
    expect(heat).toBeLessThanOrEqual(0.92);
    expect(power).toBeGreaterThanOrEqual(0.965);
    expect(power).toBeLessThanOrEqual(1.005);
    expect(new Set(ended)).toEqual(new Set(['coil']));
  },
);

test('there is no frost at 47 °F dry, 43 °F wet bulb', () => {
  const { heat, power, ended } = hours(47, 0.73, board(60));
  expect(heat).toBeCloseTo(1, 3);
  expect(power).toBeCloseTo(1, 3);
  expect(ended).toEqual([]);
});

test('there is little at 17 °F dry, 15 °F wet bulb', () => {
  const { heat } = hours(17, 0.7, board(90));
  expect(heat).toBeGreaterThan(0.93);
  expect(heat).toBeLessThan(1);
});

test('ice builds on ice at 33 °F and 95 % with a low charge, and not without', () => {
  const low = hours(33, 0.95, board(90), { ...SIZE, melts: 0.15 });
  expect(low.ended.every((each) => each === 'cap')).toBe(true);
  expect(low.leftLb.at(-1)!).toBeGreaterThan(2 * low.leftLb[0]!);
  expect(coatShare(SIZE, low.state.frostLb)).toBe(1);
  const good = hours(33, 0.95, board(90));
  expect(good.ended.every((each) => each === 'coil')).toBe(true);
  expect(Math.max(...good.leftLb)).toBe(0);
});

test('in defrost, the coil’s heat comes from the house and the compressor, to the Btu', () => {
  const size = SIZE;
  const before: CoilState = { coilF: 20, frostLb: 2 };
  const { state, heatBtuh, powerBtuh } = stepCoil(
    before,
    size,
    { kind: 'defrost', ...at(33) },
    { outdoorF: 33, relativeHumidity: 0.9 },
    3,
  );
  const stores = COIL.storesBtuPerF * 36;
  const intoCoil = (state.coilF - before.coilF) * stores + (before.frostLb - state.frostLb) * COIL.meltBtuPerLb;
  expect(intoCoil).toBeCloseTo(((-heatBtuh + powerBtuh) * 3) / 60, 6);
});
