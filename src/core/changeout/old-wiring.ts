import { ownValue } from '../border/own-value';
import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { capital } from '../units/capital';
import { MOST_CONTROL_VOLTS } from '../units/control-volts';
import { parseTyped } from '../units/parse-number';
import { colorName, isWireColor } from '../wiring/harness';
import { type OldKind, plainLetter } from './letters';
import { isOldCall, type OldCall, type Seen, seenOf } from './old-calls';

/** A conductor coiled back at its other end. */
export const COILED_BACK = 'spare';

/** A reading that could be parsed. */
export interface OldReading {
  readonly colour: string;
  readonly call: OldCall;
  readonly seen: Seen;
}

/** Recorded old wiring. */
export interface OldWiring {
  readonly conductors: readonly OldConductorRow[];
  readonly readings: readonly OldReading[];
  /** Systems that it may have controlled. */
  readonly kinds: readonly OldKind[];
}

const KINDS: Record<Facts['changeout']['oldSystem'], readonly OldKind[]> = {
  unknown: ['conventional', 'heat-pump', 'heat-only'],
  'heat-only': ['heat-only'],
  conventional: ['conventional'],
  'heat-pump': ['heat-pump'],
  'dual-fuel': ['heat-pump'],
};

/** A job's old wiring; null if none is recorded. */
export const oldWiringOf = ({ changeout }: Facts): OldWiring | null =>
  changeout.subbase === null
    ? null
    : {
        conductors: changeout.subbase,
        kinds: KINDS[changeout.oldSystem],
        readings: changeout.readings.flatMap(({ colour, call, volts }): OldReading[] => {
          const read = parseTyped(volts);
          // A voltage that no 24 V circuit gives proves nothing about a conductor.
          return isOldCall(call) && read.kind === 'number' && Math.abs(read.value) <= MOST_CONTROL_VOLTS
            ? [{ colour, call, seen: seenOf(Math.abs(read.value)) }]
            : [];
        }),
      };

/** Letters that two conductors share on good wiring. */
const PAIRED: ReadonlySet<string> = new Set(['T', 'TT']);

const noteKey = (letter: string): string => (/^\d+$/.test(plainLetter(letter)) ? '#' : plainLetter(letter));

/** Note on an unusual letter, and what to do before you move anything. */
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

/** What makes no sense in recorded old wiring, and what to do; nothing is discarded. */
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
