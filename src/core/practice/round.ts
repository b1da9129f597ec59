import { DEFAULT_MOMENT } from '../control/moment';
import { type DiagnosisContext, diagnosisContext } from '../diagnosis/diagnosis';
import { type SimulatedHouse, simulatedHouse, simulatedHouseWithBoth } from '../diagnosis/simulated-house';
import { tableOf } from '../diagnosis/table';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SHIPPED_PROFILES } from '../setup/profiles';
import type { ControllerProfile } from '../setup/profiles/profile';
import { quillwort } from '../setup/profiles/quillwort';
import { chance } from '../units/chance';
import { once } from '../units/once';
import type { Bench } from './rig';
import { thermostatFace } from './thermostat-face';

/** A house with something wrong in it, to be found. */
export interface Round {
  readonly id: string;
  readonly title: string;
  readonly facts: Facts;
  /** Ids of what is wrong: one, or two at once. */
  readonly causes: readonly string[];
  /** Outdoor temperature of the visit, °F. */
  readonly outdoorF: number;
  /** Ids of what a careful look brings before anyone thinks; the best line begins with it. */
  readonly looksFirst: readonly string[];
  /** The controller on its wall, where it is not one that ships and that the job names. */
  readonly thermostat?: ControllerProfile | undefined;
  /** What it teaches, told when it is over. */
  readonly teaches: string;
}

/** The diagnosis of a round's house: what can be wrong with it, and what can be seen. */
export const contextOfRound = ({ facts, outdoorF }: Round): DiagnosisContext =>
  diagnosisContext(tableOf(jobModel(facts), { ...DEFAULT_MOMENT, outdoorF }));

/** The controller on a round’s wall: its own, or the one that its job names where that ships, else one that does. */
const onTheWall = ({ thermostat, facts: { setup } }: Round): ControllerProfile =>
  thermostat ??
  SHIPPED_PROFILES.find(({ id, role }) => id === setup.thermostatProfile && role === 'thermostat') ??
  quillwort;

/**
 * Puts a round on the bench.
 * @param clinic of its house, calculated once
 * @param seed for the spread of meters and of what the owner says; the same is the same round, in every class
 * @throws RangeError where the house has no such cause
 */
export const benchOfRound = (round: Round, clinic: DiagnosisContext, seed: number): Bench => {
  const { table } = clinic;
  const found = round.causes.map((id) => {
    const cause = table.causes.find((each) => each.id === id);
    if (!cause) throw new RangeError(`${round.id}: nothing on this house is ${id}`);
    return cause;
  });
  const [one, other] = found;
  const world: SimulatedHouse = other
    ? simulatedHouseWithBoth(table, [one!, other], seed)
    : simulatedHouse(table, one!, seed);
  const wall = once(() => thermostatFace(round.facts, table.causes, round.causes, onTheWall(round)));
  return { clinic, world, wall, truth: round.causes, looksFirst: round.looksFirst };
};

/** A house of one of the rounds with something else wrong in it, by chance: an endless round. */
export const endlessRound = (house: Round, clinic: DiagnosisContext, seed: number): Round => {
  const { causes } = clinic.table;
  const sum = causes.reduce((total, { weight }) => total + weight, 0);
  let left = chance(seed)() * sum;
  const cause = causes.find(({ weight }) => (left -= weight) <= 0) ?? causes[0]!;
  return {
    ...house,
    id: `endless-${house.id}-${seed}`,
    title: 'A house you have not seen',
    causes: [cause.id],
    looksFirst: [],
    teaches: `${cause.words}. ${cause.confirm} ${cause.fix}`,
  };
};
