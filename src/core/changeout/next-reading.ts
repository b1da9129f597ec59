import type { OldConductorRow } from '../job/facts/changeout';
import { sum } from '../units/sum';
import { landingOf, THERMOSTAT_FUNCTIONS, type ThermostatFunction } from '../wiring/thermostat-functions';
import { type OldKind, plainLetter } from './letters';
import { chanceOfSeen, OLD_CALL_IDS, type OldCall, type Seen } from './old-calls';
import type { OldWiring } from './old-wiring';
import { type Likely, readOldWiring } from './read-old-wiring';
import { type IdentifiedConductor, identifiedConductors } from './understood';

/** The most informative reading: meter between the hot conductor and this one, in a call of the old thermostat. */
export interface NextReading {
  readonly hot: OldConductorRow;
  readonly row: OldConductorRow;
  readonly call: OldCall;
  /** Whether it only tells the valve mode. */
  readonly isForValveMode: boolean;
}

const SEEN: readonly Seen[] = ['none', 'whole', 'between'];
/** A reading that tells less is not worth a minute. */
const LEAST_BITS = 0.02;
/** Cost factor from one call to the next: gentler calls come first if they tell about as much. */
const CALL_PRICE = 0.04;
/** Below this outdoor temperature do not call cooling as a test, °F. Our judgment; the manufacturer's limit applies. */
const COOLING_TEST_FROM_F = 60;

const entropyBits = (shares: readonly number[]) =>
  -sum(shares.map((share) => (share > 0 ? share * Math.log2(share) : 0)));

/** Probabilities by outcome: the terminal to land on, or the valve mode. */
const grouped = (likely: ReadonlyMap<ThermostatFunction, number>, isForValveMode: boolean): number[] => {
  const groups = new Map<string, number>();
  for (const [does, share] of likely) {
    const name = isForValveMode ? does : landingOf(does);
    groups.set(name, (groups.get(name) ?? 0) + share);
  }
  return [...groups.values()];
};

/** Expected information of a reading about one conductor, bits. */
const bitsOf = (likely: Likely, call: OldCall, kinds: readonly OldKind[], isForValveMode: boolean): number => {
  const chance = (seen: Seen, does: ThermostatFunction) =>
    sum(kinds.map((kind) => chanceOfSeen(seen, does, call, kind))) / kinds.length;
  const after = SEEN.map((seen) => {
    const joint = new Map([...likely].map(([does, share]) => [does, share * chance(seen, does)]));
    const total = sum([...joint.values()]);
    const shares = new Map([...joint].map(([does, share]) => [does, share / total]));
    return total * entropyBits(grouped(shares, isForValveMode));
  });
  return entropyBits(grouped(likely, isForValveMode)) - sum(after);
};

/** A valve whose mode was not seen: mark, letter and old setting do not count. */
const EITHER_WAY: Likely = new Map([
  ['valve-cooling', 0.5],
  ['valve-heating', 0.5],
]);

/** Conductor for the other probe; none until one conductor is known to be hot. */
const hotOf = (all: readonly IdentifiedConductor[]): OldConductorRow | null =>
  all.find(({ does }) => does !== null && landingOf(does) === 'hot')?.row ?? null;

/**
 * The most informative reading still open; null if none at the old thermostat helps.
 * @param outdoorF in cold weather no cooling is called as a test
 */
export const nextReading = (wall: OldWiring, outdoorF: number): NextReading | null => {
  const likely = readOldWiring(wall);
  const all = identifiedConductors(wall, likely);
  const hot = hotOf(all);
  if (hot === null) return null;
  const calls = OLD_CALL_IDS.filter((call) => call !== 'cool' || outdoorF >= COOLING_TEST_FROM_F);
  const asked = new Set(wall.readings.map(({ colour, call }) => `${colour} ${call}`));
  const candidates = all.flatMap((each, at) => {
    const isForValveMode = each.does !== null && landingOf(each.does) === 'valve' && !each.isValveModeSeen;
    if ((each.does !== null && !isForValveMode) || each.row === hot) return [];
    return calls.flatMap((call, price): (NextReading & { readonly worth: number })[] => {
      if (asked.has(`${each.row.colour} ${call}`)) return [];
      const bits = bitsOf(isForValveMode ? EITHER_WAY : likely[at]!, call, wall.kinds, isForValveMode);
      const reading = { hot, row: each.row, call, isForValveMode };
      return bits < LEAST_BITS ? [] : [{ ...reading, worth: (isForValveMode ? bits / 4 : bits) - price * CALL_PRICE }];
    });
  });
  const [best] = candidates.sort((one, other) => other.worth - one.worth);
  if (!best) return null;
  const { worth: _worth, ...reading } = best;
  return reading;
};

/** What is still unknown about a conductor, in words; null if nothing. */
export const unknownWords = ({ row, does, may, isValveModeSeen }: IdentifiedConductor): string | null => {
  const names = (list: readonly ThermostatFunction[]) =>
    list.map((each) => THERMOSTAT_FUNCTIONS[each].toLowerCase()).join(', or ');
  if (does === null) {
    if (may.length === 0) return 'Unknown.';
    return may.length === 1
      ? `Probably ${names(may.map((each) => each.does))}; not confirmed.`
      : `Not confirmed. Could be ${names(may.map((each) => each.does))}.`;
  }
  if (landingOf(does) !== 'valve') return null;
  if (!isValveModeSeen) return 'You cannot tell O from B until you see which mode energizes the valve.';
  const mark = { 'valve-cooling': 'B', 'valve-heating': 'O' }[does as 'valve-cooling' | 'valve-heating'];
  return plainLetter(row.board) === mark
    ? `The board’s mark ${mark} disagrees: either the old thermostat was set wrong or the marking is. The outdoor unit’s own label decides.`
    : null;
};
