import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { capital } from '../units/capital';
import { parseTyped } from '../units/parse-number';
import { colourName, isColour } from '../wiring/harness';
import { type OldKind, plainLetter } from './letters';
import { isOldCall, type OldCall, type Seen, seenOf } from './old-calls';

/** A conductor that is coiled back at its other end. */
export const COILED_BACK = 'spare';

/** A reading that could be understood. */
export interface OldReading {
  readonly colour: string;
  readonly call: OldCall;
  readonly seen: Seen;
}

/** An old wall as it was written down. */
export interface OldWall {
  readonly conductors: readonly OldConductorRow[];
  readonly readings: readonly OldReading[];
  /** What it may have run. */
  readonly kinds: readonly OldKind[];
}

const KINDS: Record<Facts['changeout']['oldSystem'], readonly OldKind[]> = {
  unknown: ['conventional', 'heat-pump'],
  conventional: ['conventional'],
  'heat-pump': ['heat-pump'],
  'dual-fuel': ['heat-pump'],
};

/** The old wall of a job; null where nobody has written it down. */
export const oldWallOf = ({ changeout }: Facts): OldWall | null =>
  changeout.subbase === null
    ? null
    : {
        conductors: changeout.subbase,
        kinds: KINDS[changeout.oldSystem],
        readings: changeout.readings.flatMap(({ colour, call, volts }): OldReading[] => {
          const read = parseTyped(volts);
          return isOldCall(call) && read.kind === 'number'
            ? [{ colour, call, seen: seenOf(Math.abs(read.value)) }]
            : [];
        }),
      };

const repeated = (names: readonly string[]): string[] => [
  ...new Set(names.filter((name, at) => name !== '' && names.indexOf(name) !== at)),
];

/** What does not make sense in an old wall as written down, and what to do; nothing of it is thrown away. */
export const oldWallProblems = ({ conductors }: OldWall): readonly string[] => [
  ...repeated(conductors.map(({ colour }) => colour)).map(
    (colour) =>
      `${capital(colourName(colour))} is written twice. Wrap one of the two with tape of a color that is not in the bundle, at both ends, and write it down by that color.`,
  ),
  ...conductors
    .filter(({ colour }) => !isColour(colour))
    .map(({ colour }) =>
      colour === ''
        ? 'A conductor has no color: choose one.'
        : `“${colour}” is no color of this list: choose the nearest, or wrap it with tape.`,
    ),
  ...repeated(conductors.map(({ letter }) => plainLetter(letter))).map(
    (letter) =>
      `${letter} is written for two conductors. Two under one screw is possible: look again, then take one of them to be spliced, and follow both.`,
  ),
  ...(conductors.length > 0 && conductors.every(({ board }) => board === '')
    ? ['No conductor has its other end yet. Colors are no proof: follow them to the board before anything moves.']
    : []),
];
