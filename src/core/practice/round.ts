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

/** A house with a fault to find. */
export interface Round {
  readonly id: string;
  readonly title: string;
  readonly facts: Facts;
  /** Ids of the causes: one, or two at once. */
  readonly causes: readonly string[];
  /** Outdoor temperature of the visit, °F. */
  readonly outdoorF: number;
  /** Ids of what a careful look shows first; the best solution begins with it. */
  readonly looksFirst: readonly string[];
  /** The thermostat, if it is not the shipped one that the job names. */
  readonly thermostat?: ControllerProfile | undefined;
  /** The lesson, told at the end. */
  readonly teaches: string;
}

/** The diagnosis of a round's house: its causes and observations. */
export const contextOfRound = ({ facts, outdoorF }: Round): DiagnosisContext =>
  diagnosisContext(tableOf(jobModel(facts), { ...DEFAULT_MOMENT, outdoorF }));

/** A round’s thermostat: its own, or the shipped one that its job names, or else a default. */
const onTheWall = ({ thermostat, facts: { setup } }: Round): ControllerProfile =>
  thermostat ??
  SHIPPED_PROFILES.find(({ id, role }) => id === setup.thermostatProfile && role === 'thermostat') ??
  quillwort;

/**
 * Puts a round on the bench.
 * @param clinic of its house, computed once
 * @param seed for the scatter of meters and complaints; the same seed gives the same round everywhere
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

/** An endless round: the house of one of the rounds with a random fault. */
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
