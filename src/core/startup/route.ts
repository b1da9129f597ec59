import type { CallId } from '../control/moment';
import type { Facts } from '../job/document';
import { itemPlace, type StartupPlace } from './item-place';
import { readSeconds, STEP_S } from './minutes-left';
import type { PlannedStep } from './planned';

/** Ordered steps, each with its items by place. */
export interface Route {
  readonly steps: readonly PlannedStep[];
  /** Places of each step in walking order. */
  readonly places: ReadonlyMap<string, readonly StartupPlace[]>;
  readonly minutes: number;
  /** Trips up to the indoor unit. */
  readonly climbs: number;
}

/** Number of people: one, or a second one at the thermostat. */
export type People = 1 | 2;

/** Minutes between places; the indoor unit needs a ladder. Our judgment. */
const WALK_MIN: Readonly<Record<StartupPlace, Readonly<Record<StartupPlace, number>>>> = {
  wall: { wall: 0, indoor: 2, yard: 1.5 },
  indoor: { wall: 2, indoor: 0, yard: 3 },
  yard: { wall: 1.5, indoor: 3, yard: 0 },
};
/** Extra cost of a climb, so that of two equally long routes the one with fewer climbs wins. */
const CLIMB_WEIGHT_MIN = 2;

/**
 * Order constraints: dead before live, supply before control volts, those before any call; outdoor air before what is
 * judged by it; the plain call before what builds on it; restore and leave at the end.
 */
const BEFORE: readonly (readonly [string, string])[] = [
  ['make-safe', 'element-ohms'],
  ['make-safe', 'water'],
  ['make-safe', 'supply-volts'],
  ['element-ohms', 'supply-volts'],
  ['water', 'supply-volts'],
  ['supply-volts', 'control-volts'],
  ['control-volts', 'fan'],
  ['conditions', 'heat'],
  ['conditions', 'cool-air'],
  ['fan', 'heat'],
  ['heat', 'load'],
  ['heat', 'heat-2'],
  ['heat', 'own-stages'],
  ['heat', 'heat-aux'],
  ['heat', 'furnace'],
  ['heat', 'defrost'],
  ['heat', 'cool'],
  ['heat', 'refrigerant'],
  ['heat', 'gates'],
  ['heat', 'far-ends'],
  ['heat', 'emergency'],
  ['heat-aux', 'banks'],
  ['furnace', 'gas'],
  ['furnace', 'oil'],
  ['cool', 'cool-2'],
  ['cool', 'cool-air'],
];
/** Everything that must come after a step, transitively: a step between may be missing on a visit. */
const followersOf = (step: string): readonly string[] =>
  BEFORE.flatMap(([one, other]) => (one === step ? [other, ...followersOf(other)] : []));
const FOLLOWERS: ReadonlyMap<string, ReadonlySet<string>> = new Map(
  BEFORE.map(([one]) => [one, new Set(followersOf(one))]),
);

/** Final steps, in this order. */
const LAST = ['outage', 'leave'] as const;

/** Calls that run the compressor, by valve mode. */
const MODE: Partial<Record<CallId, 'heat' | 'cool'>> = {
  'heat-1': 'heat',
  'heat-2': 'heat',
  'heat-aux': 'heat',
  defrost: 'heat',
  'cool-1': 'cool',
  'cool-2': 'cool',
};

/** A step on the route: places, time, call. */
interface Stop {
  readonly id: string;
  readonly call: CallId | null;
  readonly places: readonly StartupPlace[];
  readonly readMin: number;
  /** Waits other than the compressor's minimum off time; the step's own readings are taken during them. */
  readonly waitMin: number;
  readonly restMin: number;
}

const stopsOf = (facts: Facts, steps: readonly PlannedStep[], people: People): readonly Stop[] =>
  steps.map(({ step, built, items }) => {
    const all = [...new Set(items.map(({ item }) => itemPlace(facts, step.id, item)))];
    const waits = built.waits.filter(({ id }) => id !== 'min-off');
    return {
      id: step.id,
      call: built.call,
      // The person at the thermostat reads what is read there.
      places: people === 2 ? all.filter((place) => place !== 'wall') : all,
      readMin: items.reduce((sum, { item }) => sum + readSeconds(item), STEP_S) / 60,
      waitMin: Math.max(0, ...waits.map(({ seconds }) => seconds)) / 60,
      restMin: (built.waits.find(({ id }) => id === 'min-off')?.seconds ?? 0) / 60,
    };
  });

const permutations = <T>(list: readonly T[]): readonly (readonly T[])[] =>
  list.length < 2
    ? [list]
    : list.flatMap((one, at) =>
        permutations([...list.slice(0, at), ...list.slice(at + 1)]).map((rest) => [one, ...rest]),
      );

/** A partial route that ends at a place. */
interface Way {
  readonly at: StartupPlace;
  readonly minutes: number;
  readonly climbs: number;
  readonly visits: readonly (readonly StartupPlace[])[];
}

const cost = ({ minutes, climbs }: Way) => minutes + CLIMB_WEIGHT_MIN * climbs;

/** Remaining compressor off time before each stop, and time for readings and waits without walking, minutes. */
const standing = (stops: readonly Stop[]): number => {
  let minutes = 0;
  let mode: 'heat' | 'cool' | null = null;
  let restedMin = 0;
  for (const { call, readMin, waitMin, restMin } of stops) {
    const own = call === null ? null : (MODE[call] ?? null);
    // The same mode continues; any other start waits for the rest of the off time.
    const rest = own === null || own === mode ? 0 : Math.max(0, restMin - restedMin);
    const takes = Math.max(readMin, waitMin);
    minutes += rest + takes;
    restedMin = own === null ? restedMin + takes : 0;
    if (call !== null) mode = own;
  }
  return minutes;
};

/** The best route through stops in their order: the order of places within each. */
const wayThrough = (stops: readonly Stop[], people: People, isFree: boolean): Way => {
  let ways: readonly Way[] = [{ at: people === 2 ? 'indoor' : 'wall', minutes: 0, climbs: 0, visits: [] }];
  let call: CallId | null = null;
  for (const stop of stops) {
    const isNewCall = stop.call !== null && stop.call !== call;
    if (stop.call !== null) call = stop.call;
    const orders = isFree ? permutations(stop.places) : [stop.places];
    const after = ways.flatMap((way) =>
      orders.map((order): Way => {
        // A single person sets the call at the thermostat first.
        const path = people === 1 && isNewCall && order[0] !== 'wall' ? (['wall', ...order] as const) : order;
        let { at, minutes, climbs } = way;
        for (const place of path) {
          minutes += WALK_MIN[at][place];
          climbs += Number(place === 'indoor' && at !== 'indoor');
          at = place;
        }
        return { at, minutes, climbs, visits: [...way.visits, order] };
      }),
    );
    const best = new Map<StartupPlace, Way>();
    for (const way of after) {
      const known = best.get(way.at);
      if (!known || cost(way) < cost(known) - 1e-9) best.set(way.at, way);
    }
    ways = [...best.values()];
  }
  return ways.reduce((least, way) => (cost(way) < cost(least) - 1e-9 ? way : least));
};

const isLast = (id: string): boolean => (LAST as readonly string[]).includes(id);

/** Whether the first of two steps must not come after the other. */
const comesBefore = (one: string, other: string): boolean => {
  if (isLast(other)) return !isLast(one) || LAST.indexOf(one as 'outage') < LAST.indexOf(other as 'outage');
  return FOLLOWERS.get(one)?.has(other) ?? false;
};

const mayStand = (order: readonly Stop[]): boolean =>
  order.every(({ id }, at) => order.slice(0, at).every((earlier) => !comesBefore(id, earlier.id)));

const total = (stops: readonly Stop[], people: People) => cost(wayThrough(stops, people, true)) + standing(stops);

const moved = <T>(list: readonly T[], from: number, to: number): readonly T[] => {
  const left = list.filter((_, at) => at !== from);
  return [...left.slice(0, to), list[from]!, ...left.slice(to)];
};

/** Moves each stop to its best position until no move helps. */
const improved = (stops: readonly Stop[], people: People): readonly Stop[] => {
  let best = stops;
  let least = total(best, people);
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (let from = 0; from < best.length; from++)
      for (let to = 0; to < best.length; to++) {
        if (from === to) continue;
        const tried = moved(best, from, to);
        if (!mayStand(tried)) continue;
        const takes = total(tried, people);
        if (takes >= least - 1e-6) continue;
        best = tried;
        least = takes;
        isBetter = true;
      }
  }
  return best;
};

const routeOf = (
  facts: Facts,
  steps: readonly PlannedStep[],
  stops: readonly Stop[],
  people: People,
  isFree: boolean,
): Route => {
  const way = wayThrough(stops, people, isFree);
  const places = new Map(
    stops.map(({ id }, at) => [id, people === 2 ? withWall(facts, steps, id, way.visits[at]!) : way.visits[at]!]),
  );
  const byPlace = (planned: PlannedStep): PlannedStep => {
    const order = places.get(planned.step.id)!;
    const rank = ({ item }: PlannedStep['items'][number]) => order.indexOf(itemPlace(facts, planned.step.id, item));
    return { ...planned, items: [...planned.items].sort((one, other) => rank(one) - rank(other)) };
  };
  const byId = new Map(steps.map((planned) => [planned.step.id, planned]));
  return {
    steps: stops.map(({ id }) => (isFree ? byPlace(byId.get(id)!) : byId.get(id)!)),
    places,
    minutes: Math.round(way.minutes + standing(stops)),
    climbs: way.climbs,
  };
};

/** Thermostat readings come first. */
const withWall = (
  facts: Facts,
  steps: readonly PlannedStep[],
  id: string,
  visits: readonly StartupPlace[],
): readonly StartupPlace[] => {
  const { items } = steps.find(({ step }) => step.id === id)!;
  return items.some(({ item }) => itemPlace(facts, id, item) === 'wall') ? ['wall', ...visits] : visits;
};

/** A startup walked in its listed order. */
export const plainRoute = (facts: Facts, steps: readonly PlannedStep[], people: People): Route =>
  routeOf(facts, steps, stopsOf(facts, steps, people), people, false);

/**
 * A startup by place: steps and items in an order with the fewest trips to the indoor unit and the waits used,
 * respecting all constraints. It depends on what must be read, not on what was, so it stays the same while working.
 */
export const placeRoute = (facts: Facts, steps: readonly PlannedStep[], people: People): Route =>
  routeOf(facts, steps, improved(stopsOf(facts, steps, people), people), people, true);
