import type { OldConductorRow } from '../job/facts/changeout';
import { memoize } from '../units/once';
import { sum } from '../units/sum';
import { THERMOSTAT_FUNCTIONS, type ThermostatFunction } from '../wiring/thermostat-functions';
import { leaningOf, meaningsOf, type OldKind } from './letters';
import { chanceOfSeen } from './old-calls';
import { COILED_BACK, type OldWiring } from './old-wiring';

/** Likelihood of each function for a conductor; impossible ones are omitted. */
export type Likely = ReadonlyMap<ThermostatFunction, number>;

const FUNCTIONS = Object.keys(THERMOSTAT_FUNCTIONS) as ThermostatFunction[];

/** Functions that only one conductor can have; both valve modes count as one. There can be many spares. */
const SINGLE = FUNCTIONS.filter((does) => does !== 'spare' && does !== 'valve-heating');
const bitOf = (does: ThermostatFunction): number =>
  does === 'spare' ? 0 : 1 << SINGLE.indexOf(does === 'valve-heating' ? 'valve-cooling' : does);
const BITS: readonly number[] = FUNCTIONS.map(bitOf);
const SETS = 1 << SINGLE.length;

/** Total weight of all assignments to a set of taken functions (as bits), or from it. */
type Ways = Float64Array;

/** A heat-only system: hot and heat, at most a fan; anything else is not one. */
const heatOnlyPresence = (has: (does: ThermostatFunction) => boolean): number => {
  const others = SINGLE.filter((does) => !HEAT_ONLY.has(does) && has(does)).length;
  return (
    (has('hot') || has('hot-heating') ? 1 : 0.001) * (has('backup') ? 1 : 0.01) * (others > 0 ? 1e-4 ** others : 1)
  );
};
const HEAT_ONLY: ReadonlySet<ThermostatFunction> = new Set(['hot', 'hot-heating', 'backup', 'common', 'blower']);

/** Penalty for wiring that lacks what it nearly always has, or has a second of something without the first. */
const presence = (taken: number, kind: OldKind): number => {
  const has = (does: ThermostatFunction) => (taken & bitOf(does)) !== 0;
  const isHeatPump = kind === 'heat-pump';
  if (kind === 'heat-only') return heatOnlyPresence(has);
  const rules: readonly (readonly [isOdd: boolean, factor: number])[] = [
    [!has('hot') && !has('hot-cooling') && !has('hot-heating'), 0.001],
    [has('hot') && (has('hot-cooling') || has('hot-heating')), 0.01],
    [!has('compressor'), isHeatPump ? 0.01 : 0.2],
    [!has('blower'), 0.05],
    [isHeatPump !== has('valve-cooling'), isHeatPump ? 0.01 : 0.05],
    [!has('backup'), isHeatPump ? 0.1 : 0.02],
    [has('second-backup') && !has('backup'), 0.05],
    [has('emergency') && !has('backup'), 0.05],
    [has('second-compressor') && !has('compressor'), 0.01],
    [has('sensor-1') !== has('sensor-2'), 0.001],
  ];
  return rules.reduce((all, [isOdd, factor]) => (isOdd ? all * factor : all), 1);
};

/** The same for every set, computed when wiring of its kind is first read. */
const presences = memoize(
  (kind: OldKind) => kind,
  (kind): Ways => Float64Array.from({ length: SETS }, (_, taken) => presence(taken, kind)),
);

/** A letter at the thermostat may be wrong; a mark at a board was read at the load. Our judgment. */
const LETTER_TRUST = 0.88;
const BOARD_TRUST = 0.995;

const weightBy = (mark: string, does: ThermostatFunction, kind: OldKind, trust: number): number => {
  const meanings = meaningsOf(mark, kind);
  const flat = 1 / FUNCTIONS.length;
  return meanings === null ? flat : trust * (meanings[does] ?? 0) + (1 - trust) * flat;
};

const boardWeight = (board: string, does: ThermostatFunction, kind: OldKind): number => {
  if (board === '') return 1;
  if (board === COILED_BACK) return does === 'spare' ? 1 : 0.001;
  // A conductor that lands on a board is hardly a spare.
  return weightBy(board, does, kind, BOARD_TRUST) * (does === 'spare' ? 0.1 : 1);
};

/** Possible functions of a conductor by itself, before the others are considered. */
const weightsOf = (
  { colour, letter, board }: OldConductorRow,
  { readings }: OldWiring,
  kind: OldKind,
): readonly number[] =>
  FUNCTIONS.map(
    (does) =>
      leaningOf(colour, does) *
      weightBy(letter, does, kind, LETTER_TRUST) *
      boardWeight(board, does, kind) *
      readings
        .filter((reading) => reading.colour === colour)
        .reduce((chance, { seen, call }) => chance * chanceOfSeen(seen, does, call, kind), 1),
  );

/** Visits every function still open after a set is taken: plain loops, because this is the hot path. */
const eachStep = (
  taken: number,
  weights: readonly number[],
  step: (next: number, weight: number, index: number) => void,
) => {
  for (let index = 0; index < BITS.length; index += 1) {
    const bit = BITS[index]!;
    if ((taken & bit) === 0) step(taken | bit, weights[index]!, index);
  }
};

/** Weight of all assignments of the conductors before each, by set. */
const before = (weights: readonly (readonly number[])[]): readonly Ways[] => {
  const first = new Float64Array(SETS);
  first[0] = 1;
  return weights.reduce<Ways[]>(
    (all, each) => {
      const [last, next] = [all.at(-1)!, new Float64Array(SETS)];
      for (let taken = 0; taken < SETS; taken += 1)
        if (last[taken] !== 0)
          eachStep(taken, each, (set, weight) => {
            next[set]! += last[taken]! * weight;
          });
      return [...all, next];
    },
    [first],
  );
};

/** Weights of every conductor with no function used twice: exact sums over all assignments, forward and backward. */
const ofKind = (wall: OldWiring, kind: OldKind): readonly (readonly number[])[] => {
  const weights = wall.conductors.map((row) => weightsOf(row, wall, kind));
  const forwards = before(weights);
  const all: number[][] = [];
  let rest = presences(kind);
  for (let at = weights.length - 1; at >= 0; at -= 1) {
    const [taken, each, on] = [forwards[at]!, weights[at]!, new Float64Array(SETS)];
    const ways = FUNCTIONS.map(() => 0);
    for (let set = 0; set < SETS; set += 1)
      if (taken[set] !== 0)
        eachStep(set, each, (next, weight, index) => {
          const way = weight * rest[next]!;
          on[set]! += way;
          ways[index]! += taken[set]! * way;
        });
    rest = on;
    all.unshift(ways);
  }
  return all;
};

/**
 * Likelihood of each function for every conductor of old wiring, from letter, color, other end and meter, in recorded
 * order. The letter weighs little, the board much, a color hardly anything.
 */
export const readOldWiring = (wall: OldWiring): readonly Likely[] => {
  const kinds = wall.kinds.map((kind) => ofKind(wall, kind));
  return wall.conductors.map((_, at) => {
    const ways = FUNCTIONS.map((_does, index) => sum(kinds.map((of) => of[at]![index]!)));
    const total = sum(ways);
    return new Map(FUNCTIONS.flatMap((does, index) => (ways[index]! > 0 ? [[does, ways[index]! / total]] : [])));
  });
};
