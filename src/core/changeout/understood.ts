import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { memoizeByFacts } from '../model/memoize-by-facts';
import { sum } from '../units/sum';
import { landingOf, type ThermostatFunction } from '../wiring/thermostat-functions';
import { chanceOfSeen } from './old-calls';
import { type OldWiring, oldWiringOf } from './old-wiring';
import { type Likely, readOldWiring } from './read-old-wiring';

/** What is known about one conductor of old wiring. */
export interface IdentifiedConductor {
  readonly row: OldConductorRow;
  /** Its function; null while more than one is likely. */
  readonly does: ThermostatFunction | null;
  /** Whether someone traced or metered it; otherwise it is known only by its letter. */
  readonly isProved: boolean;
  /** Whether the valve mode was metered; never taken from a letter or a setting. */
  readonly isValveModeSeen: boolean;
  /** Possible functions, most likely first, without unlikely ones. */
  readonly may: readonly { readonly does: ThermostatFunction; readonly share: number }[];
}

/** Probability at which a function counts as known. */
const KNOWN_SHARE = 0.95;
/** Below this a function is not listed as possible. */
const NAMED_SHARE = 0.04;

/** Ratio between valve modes, by the meter alone, that counts as seen. */
const SEEN_RATIO = KNOWN_SHARE / (1 - KNOWN_SHARE);

/** Valve mode by the meter readings alone; null until they tell. */
const valveModeOf = ({ colour }: OldConductorRow, { readings }: OldWiring): ThermostatFunction | null => {
  const chance = (does: ThermostatFunction) =>
    readings
      .filter((reading) => reading.colour === colour)
      .reduce((all, { seen, call }) => all * chanceOfSeen(seen, does, call, 'heat-pump'), 1);
  const ratio = chance('valve-cooling') / chance('valve-heating');
  if (ratio >= SEEN_RATIO) return 'valve-cooling';
  return ratio <= 1 / SEEN_RATIO ? 'valve-heating' : null;
};

const understood = (row: OldConductorRow, likely: Likely, wall: OldWiring): IdentifiedConductor => {
  const ranked = [...likely].map(([does, share]) => ({ does, share })).sort((one, other) => other.share - one.share);
  const best = ranked[0]!;
  const landing = landingOf(best.does);
  const share = sum(ranked.filter(({ does }) => landingOf(does) === landing).map((each) => each.share));
  const isProved = row.board !== '' || wall.readings.some(({ colour }) => colour === row.colour);
  // The last function left over is a guess until someone checks it.
  const isKnown = share >= KNOWN_SHARE && (isProved || row.letter !== '');
  const mode = isKnown && landing === 'valve' ? valveModeOf(row, wall) : null;
  return {
    row,
    does: isKnown ? (mode ?? best.does) : null,
    isProved,
    isValveModeSeen: mode !== null,
    may: ranked.filter((each) => each.share >= NAMED_SHARE),
  };
};

/** A function belongs to one conductor: if several are surely on R, only the likeliest is known to be the hot one. */
const onceEach = (all: readonly IdentifiedConductor[]): readonly IdentifiedConductor[] => {
  const taken = new Map<ThermostatFunction, IdentifiedConductor>();
  const shareOf = ({ does, may }: IdentifiedConductor) => may.find((each) => each.does === does)?.share ?? 0;
  for (const each of all) {
    if (each.does === null || each.does === 'spare') continue;
    const other = taken.get(each.does);
    if (!other || shareOf(each) > shareOf(other)) taken.set(each.does, each);
  }
  return all.map((each) =>
    each.does === null || each.does === 'spare' || taken.get(each.does) === each ? each : { ...each, does: null },
  );
};

/**
 * What is known about each conductor of old wiring, in recorded order.
 * @param likely result of `readWall`
 */
export const identifiedConductors = (wall: OldWiring, likely = readOldWiring(wall)): readonly IdentifiedConductor[] =>
  onceEach(wall.conductors.map((row, at) => understood(row, likely[at]!, wall)));

/** The same for a job; null if no old wiring is recorded. */
export const identifiedOldWiring = memoizeByFacts((facts: Facts): readonly IdentifiedConductor[] | null => {
  const wall = oldWiringOf(facts);
  return wall && identifiedConductors(wall);
});
