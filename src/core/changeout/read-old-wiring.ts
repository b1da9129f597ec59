import type { OldConductorRow } from '../job/facts/changeout';
import { memoize } from '../units/once';
import { sum } from '../units/sum';
import { THERMOSTAT_FUNCTIONS, type ThermostatFunction } from '../wiring/thermostat-functions';
import { leaningOf, meaningsOf, type OldKind } from './letters';
import { chanceOfSeen } from './old-calls';
import { COILED_BACK, type OldWiring } from './old-wiring';

/** How likely a conductor does each thing; what is impossible is left out. */
export type Likely = ReadonlyMap<ThermostatFunction, number>;

const FUNCTIONS = Object.keys(THERMOSTAT_FUNCTIONS) as ThermostatFunction[];

/** Things that one conductor does; the two ways of the valve are one. Spares can be many, and are none of them. */
const SINGLE = FUNCTIONS.filter((does) => does !== 'spare' && does !== 'valve-heating');
const bitOf = (does: ThermostatFunction): number =>
  does === 'spare' ? 0 : 1 << SINGLE.indexOf(does === 'valve-heating' ? 'valve-cooling' : does);
const BITS: readonly number[] = FUNCTIONS.map(bitOf);
const SETS = 1 << SINGLE.length;

/** By the set of what is taken, as bits: the weight of all ways to it, or on from it. */
type Ways = Float64Array;

/** A wall that only heats: hot and heat, a fan at most; anything else is not one. */
const heatOnlyPresence = (has: (does: ThermostatFunction) => boolean): number => {
  const others = SINGLE.filter((does) => !HEAT_ONLY.has(does) && has(does)).length;
  return (
    (has('hot') || has('hot-heating') ? 1 : 0.001) * (has('backup') ? 1 : 0.01) * (others > 0 ? 1e-4 ** others : 1)
  );
};
const HEAT_ONLY: ReadonlySet<ThermostatFunction> = new Set(['hot', 'hot-heating', 'backup', 'common', 'blower']);

/** How much less likely a wall is that lacks what it nearly always has, or has a second without its first. */
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

/** The same for every set, calculated when the first wall of its kind is read. */
const presences = memoize(
  (kind: OldKind) => kind,
  (kind): Ways => Float64Array.from({ length: SETS }, (_, taken) => presence(taken, kind)),
);

/** A letter at the thermostat may lie; a mark at a board was read where the load is. Our judgment. */
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
  // What lands on a board is no spare, or hardly.
  return weightBy(board, does, kind, BOARD_TRUST) * (does === 'spare' ? 0.1 : 1);
};

/** What a conductor may do by itself, before the others are thought of. */
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

/** Calls for every thing that can still be done after a set is taken: plain loops, for here the time goes. */
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

/** Weight of all ways for the conductors before each, by the set of things that they took. */
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

/** Every conductor's weights with nothing done by two: summed exactly over all ways, to it and on from it. */
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
 * What each conductor of an old wall does, as likely as its letter, its color, its other end and the meter make it,
 * conductors in the order they were written down. The letter weighs little, the board much, a color hardly anything.
 */
export const readOldWiring = (wall: OldWiring): readonly Likely[] => {
  const kinds = wall.kinds.map((kind) => ofKind(wall, kind));
  return wall.conductors.map((_, at) => {
    const ways = FUNCTIONS.map((_does, index) => sum(kinds.map((of) => of[at]![index]!)));
    const total = sum(ways);
    return new Map(FUNCTIONS.flatMap((does, index) => (ways[index]! > 0 ? [[does, ways[index]! / total]] : [])));
  });
};
