import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { memoizeByFacts } from '../model/memoize-by-facts';
import { sum } from '../units/sum';
import { landingOf, type ThermostatFunction } from '../wiring/thermostat-functions';
import { chanceOfSeen } from './old-calls';
import { type OldWiring, oldWiringOf } from './old-wiring';
import { type Likely, readOldWiring } from './read-old-wiring';

/** What is known of one conductor of an old wall. */
export interface IdentifiedConductor {
  readonly row: OldConductorRow;
  /** What it does; null while more than one thing is likely. */
  readonly does: ThermostatFunction | null;
  /** Whether someone followed it or held a meter on it; else it is known by its letter alone. */
  readonly isProved: boolean;
  /** Whether the mode that energizes the valve was seen on the meter; never taken from a letter or a setting. */
  readonly isValveModeSeen: boolean;
  /** What it may do, likeliest first, less what is hardly possible. */
  readonly may: readonly { readonly does: ThermostatFunction; readonly share: number }[];
}

/** From here on something counts as known. */
const KNOWN_SHARE = 0.95;
/** Below it something is not named among what may be. */
const NAMED_SHARE = 0.04;

/** How much likelier one way of the valve must be by the meter alone, to count as seen. */
const SEEN_RATIO = KNOWN_SHARE / (1 - KNOWN_SHARE);

/** How the valve is energized, by what the meter said of a conductor and nothing else; null while it has not said. */
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
  // What is left over when all else is known is a guess while no one has looked at it.
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

/**
 * One thing is known of one conductor: of more that all land on R for sure, say, it is known which is the hot one of
 * none but the likeliest.
 */
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
 * What is known of each conductor of an old wall, in the order they were written down.
 * @param likely what `readWall` says of it
 */
export const identifiedConductors = (wall: OldWiring, likely = readOldWiring(wall)): readonly IdentifiedConductor[] =>
  onceEach(wall.conductors.map((row, at) => understood(row, likely[at]!, wall)));

/** The same of a job; null where no one has written an old wall down. */
export const identifiedOldWiring = memoizeByFacts((facts: Facts): readonly IdentifiedConductor[] | null => {
  const wall = oldWiringOf(facts);
  return wall && identifiedConductors(wall);
});
