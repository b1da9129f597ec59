import { type HouseState, houseStepper, type HouseThermal } from './house';
import { timeConstantH } from './time-constant';

/** One logger line: room and outdoor temperature, and heat until the next line. */
export interface LoggedStep {
  readonly atMin: number;
  readonly roomF: number;
  readonly outdoorF: number;
  /** Heat from compressor, strips or furnace until the next line, Btu/h. */
  readonly heatBtuh: number;
}

/** A fitted value with one standard error. */
export interface Fitted {
  readonly value: number;
  readonly spread: number;
}

/** A house fitted to a logger's file. */
export interface HouseFit {
  readonly lossBtuhPerF: Fitted;
  readonly timeConstantH: Fitted;
  readonly thermal: HouseThermal;
  /** Room temperature of the fitted house at each line, °F. */
  readonly roomF: readonly number[];
  /** Root mean square of the residuals, °F. */
  readonly residualF: number;
}

/** Minimum lines and hours for a fit. */
export const FIT_LEAST = { lines: 12, hours: 6 } as const;

/** Parameters are fitted as logarithms of ratios, so that loss and mass stay positive. */
type Parameters = readonly [number, number, number];

const houseAt = (start: HouseThermal, [loss, mass]: Parameters): HouseThermal => ({
  ...start,
  lossBtuhPerF: start.lossBtuhPerF * Math.exp(loss),
  massBtuPerF: start.massBtuPerF * Math.exp(mass),
});

/** Room temperatures of a house under the logged conditions. */
const lived = (house: HouseThermal, steps: readonly LoggedStep[], firstMassF: number): number[] => {
  const steppers = new Map<number, ReturnType<typeof houseStepper>>();
  let state: HouseState = { roomF: steps[0]!.roomF, massF: firstMassF };
  return steps.map((step, at) => {
    const { roomF } = state;
    const next = steps[at + 1];
    if (next) {
      const length = next.atMin - step.atMin;
      const stepper = steppers.get(length) ?? houseStepper(house, length);
      steppers.set(length, stepper);
      state = stepper(state, step.heatBtuh, (step.outdoorF + next.outdoorF) / 2).state;
    }
    return roomF;
  });
};

const ROUNDS = 40;
const DERIVATIVE = 1e-4;
/** The mass starts near the room's first temperature; its start is fitted too. */
const MASS_START_F = 10;

/** Solves a small symmetric linear system by elimination. */
const solve = (matrix: readonly (readonly number[])[], right: readonly number[]): number[] => {
  const rows = matrix.map((row, at) => [...row, right[at]!]);
  const size = rows.length;
  for (let pivot = 0; pivot < size; pivot++) {
    const best = rows
      .slice(pivot)
      .reduce((most, row, at) => (Math.abs(row[pivot]!) > Math.abs(rows[most]![pivot]!) ? at + pivot : most), pivot);
    [rows[pivot], rows[best]] = [rows[best]!, rows[pivot]!];
    for (let row = pivot + 1; row < size; row++) {
      const share = rows[row]![pivot]! / rows[pivot]![pivot]!;
      for (let at = pivot; at <= size; at++) rows[row]![at]! -= share * rows[pivot]![at]!;
    }
  }
  const out = new Array<number>(size).fill(0);
  for (let row = size - 1; row >= 0; row--) {
    const rest = rows[row]!.slice(row + 1, size).reduce((sum, each, at) => sum + each * out[row + 1 + at]!, 0);
    out[row] = (rows[row]![size]! - rest) / rows[row]![row]!;
  }
  return out;
};

/**
 * Fits a house's loss and mass to a logger's file by least squares (Levenberg and Marquardt), with gains and air mass
 * as given. The spread is that of the fit only: the Survey's heat output is assumed to be true.
 * @param start the house of the job
 * @returns null if the file is too short, or the room hardly changed
 */
export const fitHouse = (start: HouseThermal, steps: readonly LoggedStep[]): HouseFit | null => {
  const hours = ((steps.at(-1)?.atMin ?? 0) - (steps[0]?.atMin ?? 0)) / 60;
  if (steps.length < FIT_LEAST.lines || hours < FIT_LEAST.hours) return null;
  const [firstF] = [steps[0]!.roomF];
  const answer = (parameters: Parameters) =>
    lived(houseAt(start, parameters), steps, firstF + MASS_START_F * parameters[2]);
  const missed = (roomF: readonly number[]) => roomF.map((each, at) => steps[at]!.roomF - each);
  const squares = (left: readonly number[]) => left.reduce((sum, each) => sum + each * each, 0);
  let at: Parameters = [0, 0, 0];
  let left = missed(answer(at));
  let damping = 1e-2;
  let normal: number[][] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const base = answer(at);
    const slopes = at.map((_, which) => {
      const moved = at.map((each, index) => (index === which ? each + DERIVATIVE : each)) as unknown as Parameters;
      return answer(moved).map((each, line) => (each - base[line]!) / DERIVATIVE);
    });
    normal = slopes.map((one) => slopes.map((other) => one.reduce((sum, each, line) => sum + each * other[line]!, 0)));
    const right = slopes.map((one) => one.reduce((sum, each, line) => sum + each * left[line]!, 0));
    const step = solve(
      normal.map((row, which) => row.map((each, index) => (which === index ? each * (1 + damping) + 1e-12 : each))),
      right,
    );
    const next = at.map((each, which) => each + Math.max(-1, Math.min(1, step[which]!))) as unknown as Parameters;
    const nextLeft = missed(answer(next));
    if (squares(nextLeft) < squares(left)) {
      const isDone = squares(left) - squares(nextLeft) < 1e-9 * (1 + squares(left));
      [at, left] = [next, nextLeft];
      damping = Math.max(1e-7, damping / 4);
      if (isDone) break;
    } else {
      damping *= 6;
      if (damping > 1e6) break;
    }
  }
  const thermal = houseAt(start, at);
  const variance = squares(left) / Math.max(1, steps.length - at.length);
  const spreadOf = (which: number): number =>
    Math.sqrt(
      Math.max(
        0,
        variance *
          solve(
            normal,
            at.map((_, index) => +(index === which)),
          )[which]!,
      ),
    );
  const roomF = answer(at);
  const constant = timeConstantH(thermal);
  const [lossSpread, massSpread] = [spreadOf(0), spreadOf(1)];
  if (!Number.isFinite(lossSpread) || !Number.isFinite(massSpread)) return null;
  return {
    lossBtuhPerF: { value: thermal.lossBtuhPerF, spread: thermal.lossBtuhPerF * lossSpread },
    timeConstantH: { value: constant, spread: constant * Math.hypot(lossSpread, massSpread) },
    thermal,
    roomF,
    residualF: Math.sqrt(squares(left) / left.length),
  };
};
