import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import type { Prediction } from '../model/observables/definition';
import { chance } from '../units/chance';
import { once } from '../units/once';
import { COMPLAINTS, complaintShares } from './complaints';
import { bothEffects, type FaultedSystem } from './faulted-system';
import { homeownerSigns } from './homeowner-signs';
import { type Answer, scaleOf } from './outcome';
import type { Probe } from './probe';
import { predictedOn, type Table } from './table';

/** What a simulated house needs of a probe. */
export type Asked = Pick<Probe, 'of' | 'unit' | 'kind'>;

/** A simulated house with a fault, and its meter. */
export interface SimulatedHouse {
  /** Id of the owner's complaint. */
  readonly complaint: string;
  readonly answer: (probe: Asked) => Answer;
}

/** Standard normal number from two uniform ones. Source: Box and Muller. */
const normal = (one: number, other: number): number =>
  Math.sqrt(-2 * Math.log(1 - one)) * Math.cos(2 * Math.PI * other);

const exactly = (prediction: Prediction, probe: Asked): Answer => {
  switch (prediction.kind) {
    case 'number':
      return prediction.value;
    case 'open':
      return 'OL';
    case 'word':
      return prediction.word;
    case 'unknown':
      // A motor without plate data still draws current; still air has room temperature.
      return probe.unit === 'A' ? RUNNING_AMPS : probe.unit === '°F' ? ROOM_F : 0;
  }
};

const RUNNING_AMPS = 9;
const ROOM_F = 68;

const noisily = (prediction: Prediction, probe: Asked, next: () => number): Answer => {
  if (prediction.kind !== 'number') return exactly(prediction, probe);
  const [low, high] = prediction.spread;
  const value = low === high ? prediction.value : low + next() * (high - low);
  const read = value + normal(next(), next()) * scaleOf(probe).sdAt(value);
  return Math.max(scaleOf(probe).range[0], read);
};

/**
 * A house with one cause.
 * @param seed for meter spread and complaint; null: both exact
 */
export const simulatedHouse = (table: Table, cause: Cause, seed: number | null): SimulatedHouse =>
  worldWith(table.patientOf(cause), () => table.complaints()[table.causes.indexOf(cause)]!, seed);

/** A house with two causes at once; the complaint comes from both together. */
export const simulatedHouseWithBoth = (
  table: Table,
  [one, other]: readonly [Cause, Cause],
  seed: number | null,
): SimulatedHouse => {
  const patient = table.patientWith(bothEffects(one.effect, other.effect));
  const sound = table.patientOf(table.causes.find(({ id }) => id === NOTHING)!);
  return worldWith(patient, () => complaintShares(homeownerSigns(patient, sound), false), seed);
};

const worldWith = (patient: FaultedSystem, sharesOf: () => readonly number[], seed: number | null): SimulatedHouse => {
  const next = chance(seed ?? 0);
  const told = (): number => {
    const shares = sharesOf();
    if (seed === null) return shares.indexOf(Math.max(...shares));
    let left = next();
    const at = shares.findIndex((share) => (left -= share) <= 0);
    return at < 0 ? shares.length - 1 : at;
  };
  // The complaint needs the shares of all complaints: calculated when first asked.
  const complaint = once(() => COMPLAINTS[told()]!.id);
  return {
    get complaint() {
      return complaint();
    },
    answer: (probe) => {
      const prediction = predictedOn(patient, probe);
      return seed === null ? exactly(prediction, probe) : noisily(prediction, probe, next);
    },
  };
};
