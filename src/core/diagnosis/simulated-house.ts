import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import type { Prediction } from '../model/predict';
import { chance } from '../units/chance';
import { once } from '../units/once';
import { COMPLAINTS, complaintShares } from './complaints';
import { bothEffects, type FaultedSystem } from './faulted-system';
import { homeownerSigns } from './homeowner-signs';
import { type Answer, scaleOf } from './outcome';
import type { Probe } from './probe';
import { predictedOn, type Table } from './table';

/** What a world needs to know of a probe. */
export type Asked = Pick<Probe, 'of' | 'unit' | 'kind'>;

/** A stand-in for a house with something wrong in it, and for the meter that is held to it. */
export interface SimulatedHouse {
  /** What its owner says: the id of a complaint. */
  readonly complaint: string;
  readonly answer: (probe: Asked) => Answer;
}

/** Two numbers from 0 to 1 as one that is normally spread. Source: Box and Muller. */
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
      // A motor whose plate was not read still draws something; air that does not move has the room's temperature.
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
 * A house with a cause in it.
 * @param seed for the spread of meters and of what its owner says; null: both exact
 */
export const simulatedHouse = (table: Table, cause: Cause, seed: number | null): SimulatedHouse =>
  worldWith(table.patientOf(cause), () => table.complaints()[table.causes.indexOf(cause)]!, seed);

/** A house with two causes in it at once; its owner says what the two together make him say. */
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
  // What the owner says depends on what everything else would make him say: calculated when he is asked.
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
