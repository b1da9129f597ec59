import { ownValue } from '../border/own-value';
import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { capital } from '../units/capital';
import { MOST_CONTROL_VOLTS } from '../units/control-volts';
import { parseTyped } from '../units/parse-number';
import { colorName, isWireColor } from '../wiring/harness';
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
export interface OldWiring {
  readonly conductors: readonly OldConductorRow[];
  readonly readings: readonly OldReading[];
  /** What it may have run. */
  readonly kinds: readonly OldKind[];
}

const KINDS: Record<Facts['changeout']['oldSystem'], readonly OldKind[]> = {
  unknown: ['conventional', 'heat-pump', 'heat-only'],
  'heat-only': ['heat-only'],
  conventional: ['conventional'],
  'heat-pump': ['heat-pump'],
  'dual-fuel': ['heat-pump'],
};

/** The old wall of a job; null where no one has written it down. */
export const oldWiringOf = ({ changeout }: Facts): OldWiring | null =>
  changeout.subbase === null
    ? null
    : {
        conductors: changeout.subbase,
        kinds: KINDS[changeout.oldSystem],
        readings: changeout.readings.flatMap(({ colour, call, volts }): OldReading[] => {
          const read = parseTyped(volts);
          // What no 24 V circuit gives proves nothing of a conductor.
          return isOldCall(call) && read.kind === 'number' && Math.abs(read.value) <= MOST_CONTROL_VOLTS
            ? [{ colour, call, seen: seenOf(Math.abs(read.value)) }]
            : [];
        }),
      };

/** Letters that two conductors bear on a sound wall. */
const PAIRED: ReadonlySet<string> = new Set(['T', 'TT']);

const noteKey = (letter: string): string => (/^\d+$/.test(plainLetter(letter)) ? '#' : plainLetter(letter));

/** What a letter says that is no usual one, and what to do before anything moves. */
const LETTER_NOTES: Readonly<Record<string, string>> = {
  TH: 'TH and TP are a gas valve’s own terminals, often on a millivolt circuit: no 24 V thermostat runs on it. Look at the valve first.',
  TP: 'TP is a thermopile: millivolts, no 24 V. Nothing of this system lands on it.',
  'TH/TP': 'TH/TP is a gas valve’s own terminal, often on a millivolt circuit: no 24 V thermostat runs on it.',
  K: 'K carries two calls on one conductor, with an adapter at the board: find the adapter before you move a wire.',
  X2: 'X2 has been a second heat call, emergency heat and a second common: meter it before it is landed.',
  F: 'F has been a fault lamp and a fan: meter it before it is landed.',
  '#': 'A number does not show what a conductor does: trace it or meter it.',
};

const repeated = (names: readonly string[]): string[] => [
  ...new Set(names.filter((name, at) => name !== '' && names.indexOf(name) !== at)),
];

/** What does not make sense in an old wall as written down, and what to do; nothing of it is thrown away. */
export const oldWiringProblems = ({ conductors }: OldWiring): readonly string[] => [
  ...repeated(conductors.map(({ colour }) => colour)).map(
    (colour) =>
      `${capital(colorName(colour))} is listed twice. Flag one of them at both ends with tape of a color not in the bundle, and list it under the tape color.`,
  ),
  ...conductors
    .filter(({ colour }) => !isWireColor(colour))
    .map(({ colour }) =>
      colour === ''
        ? 'A conductor has no color: choose one.'
        : `“${colour}” is not on the color list. Choose the nearest, or flag the wire with tape.`,
    ),
  ...conductors.flatMap(({ letter }) => ownValue(LETTER_NOTES, noteKey(letter)) ?? []),
  ...repeated(conductors.map(({ letter }) => plainLetter(letter)))
    .filter((letter) => !PAIRED.has(letter))
    .map(
      (letter) =>
        `${letter} is listed for two conductors. Two wires under one screw is possible. Check the terminal; if so, treat them as spliced and trace both.`,
    ),
  ...(conductors.length > 0 && conductors.every(({ board }) => board === '')
    ? [
        'No conductor has its other end entered yet. Color proves nothing: trace each one to the board before you move any wire.',
      ]
    : []),
];
