import { DEVICE_LABELS } from '../devices/device';
import type { Facts } from '../job/document';
import type { OldConductorRow } from '../job/facts/changeout';
import { withChanges } from '../model/choices';
import { oldWiringOverVolts, type OverVolts } from '../safety/old-wiring-volts';
import { stopWords } from '../safety/stops';
import { capital } from '../units/capital';
import {
  colorName,
  type Conductor,
  type Harness,
  isWireColor,
  type Jumper,
  refWords,
  type WireColor,
} from '../wiring/harness';
import { plan } from '../wiring/plan';
import { landingOf, THERMOSTAT_FUNCTIONS } from '../wiring/thermostat-functions';
import { plainLetter } from './letters';
import { unknownWords } from './next-reading';
import { COILED_BACK } from './old-wiring';
import { withKeptFacts } from './take-over';
import { type IdentifiedConductor, identifiedOldWiring } from './understood';

/** What to do with one conductor or jumper, from the old thermostat to the new. */
export type ChangeoutMoveKind =
  'stop' | 'meter' | 'wait' | 'land' | 'pull' | 'jumper-in' | 'jumper-out' | 'cap' | 'spare';

export interface ChangeoutMove {
  readonly id: string;
  readonly kind: ChangeoutMoveKind;
  readonly colour: WireColor | null;
  readonly words: string;
  /** Why, or what else to know; null: nothing. */
  readonly why: string | null;
}

const letterWords = ({ letter }: OldConductorRow) => (letter === '' ? 'unmarked' : `on ${letter}`);

const named = (colour: string) => capital(colorName(colour));

/** What to do at the conductor's other end. */
const boardWords = ({ board }: OldConductorRow, { to }: Conductor): string => {
  if (to === null) return '';
  if (board === '') return ` Its other end should be on ${refWords(to)}: trace it there.`;
  if (plainLetter(board) === plainLetter(to.mark)) return ` Its other end stays on ${refWords(to)}.`;
  return board === COILED_BACK
    ? ` Its other end goes on ${refWords(to)}.`
    : ` Its other end goes from ${board} to ${refWords(to)}.`;
};

const BY_LETTER = 'Known only by its letter: trace it or meter it before landing it.';

/** What a technician who trusts letters would have done. */
const letterTrap = ({ row, does }: IdentifiedConductor): string | null => {
  if (does === null) return null;
  const letter = plainLetter(row.letter);
  if (letter === 'B' && does === 'common')
    return 'B was common on the old thermostat. On the new one B is the reversing valve. Land this wire there and every heating call shorts the transformer.';
  if (/^(W\d?|X|L)$/.test(letter) && does === 'emergency')
    return `${letter} carried emergency heat here, not auxiliary.`;
  if (letter === 'X' && does === 'common') return 'X was common on the old thermostat.';
  return null;
};

const landed = (known: IdentifiedConductor, conductor: Conductor): ChangeoutMove => ({
  id: `land/${known.row.colour}`,
  kind: 'land',
  colour: conductor.colour,
  words: `${named(known.row.colour)}, ${letterWords(known.row)} until now, to ${conductor.from!.mark}: ${conductor.carries}.${boardWords(known.row, conductor)}`,
  why: [known.isProved ? null : BY_LETTER, letterTrap(known), unknownWords(known)].filter(Boolean).join(' ') || null,
});

const unused = (known: IdentifiedConductor): ChangeoutMove => {
  const { row, does } = known;
  if (does === null)
    return {
      id: `wait/${row.colour}`,
      kind: 'wait',
      colour: row.colour as WireColor,
      words: `${named(row.colour)}, ${letterWords(row)}: cap it until you know what it does.`,
      why: unknownWords(known),
    };
  const isSpare = does === 'spare';
  return {
    id: `${isSpare ? 'spare' : 'cap'}/${row.colour}`,
    kind: isSpare ? 'spare' : 'cap',
    colour: row.colour as WireColor,
    words: isSpare
      ? `${named(row.colour)} stays coiled back as a spare.`
      : `Cap ${named(row.colour)}, ${letterWords(row)} until now, at both ends: the new plan does not use ${THERMOSTAT_FUNCTIONS[does].toLowerCase()}.`,
    why: isSpare ? null : letterTrap(known),
  };
};

const conductorMoves = (known: readonly IdentifiedConductor[], { conductors }: Harness): readonly ChangeoutMove[] => {
  const wall = conductors.filter(({ cable, from }) => cable === 'thermostat-cable' && from !== null);
  const byColor = new Map(wall.map((conductor) => [conductor.colour as string | null, conductor]));
  const usable = (each: IdentifiedConductor) => {
    const conductor = byColor.get(each.row.colour);
    return each.does === null ? undefined : conductor;
  };
  const short = wall.filter(
    ({ colour }) => !known.some((each) => each.row.colour === colour && usable(each) !== undefined),
  );
  return [
    ...known.flatMap((each) => (each.does === null ? [unused(each)] : [])),
    ...known.flatMap((each) => {
      const conductor = usable(each);
      return conductor ? [landed(each, conductor)] : [];
    }),
    ...short.map(({ from, carries }): ChangeoutMove => ({
      id: `pull/${from!.mark}`,
      kind: 'pull',
      colour: null,
      words: `${from!.mark}, ${carries}: no conductor found for it yet.`,
      why: 'Identify the unknown conductors, or see “Too few conductors” on Wiring.',
    })),
    ...known.flatMap((each) => (each.does !== null && !usable(each) ? [unused(each)] : [])),
  ];
};

const pairOf = (one: string, other: string) => [plainLetter(one), plainLetter(other)].sort().join('–');

const jumperMoves = (facts: Facts, { jumpers }: Harness): readonly ChangeoutMove[] => {
  const fitted = new Set(facts.changeout.jumpers.map(({ one, other }) => pairOf(one, other)));
  const isAtWall = ({ from }: Jumper) => from.device === 'thermostat';
  const wanted = new Set(jumpers.filter(isAtWall).map(({ from, to }) => pairOf(from.mark, to.mark)));
  return [
    ...jumpers.filter(isAtWall).map(({ id, from, to, why }): ChangeoutMove => ({
      id,
      kind: 'jumper-in',
      colour: null,
      words: `Jumper ${from.mark}–${to.mark} on the new thermostat${fitted.has(pairOf(from.mark, to.mark)) ? ', as on the old one' : ''}.`,
      why,
    })),
    ...facts.changeout.jumpers.flatMap(({ one, other }): ChangeoutMove[] =>
      wanted.has(pairOf(one, other))
        ? []
        : [
            {
              id: `out/${pairOf(one, other)}`,
              kind: 'jumper-out',
              colour: null,
              words: `Do not reuse the old jumper ${one}–${other}.`,
              why: null,
            },
          ],
    ),
  ];
};

/** Jumpers at the boards: planned ones, and bank inputs that the plan keeps separate. */
const boardJumperMoves = ({ devices, jumpers }: Harness): readonly ChangeoutMove[] => {
  const atBoards = jumpers.filter(({ from }) => from.device !== 'thermostat');
  const joined = new Set(atBoards.map(({ from, to }) => pairOf(from.mark, to.mark)));
  const inputs = devices
    .filter(({ id }) => id === 'air-handler' || id === 'packaged-unit')
    .flatMap(({ label, terminals }) => {
      const marks = terminals.map(({ mark }) => mark);
      return (
        [
          ['W1', 'W2'],
          ['W2', 'W3'],
        ] as const
      )
        .filter(([one, other]) => marks.includes(one) && marks.includes(other) && !joined.has(pairOf(one, other)))
        .map(([one, other]) => ({ label, one, other }));
    });
  return [
    ...atBoards.map(({ id, from, to, why }): ChangeoutMove => ({
      id,
      kind: 'jumper-in',
      colour: null,
      words: `Jumper ${from.mark}–${to.mark} at the ${DEVICE_LABELS[from.device].toLowerCase()}: install it if it is missing.`,
      why,
    })),
    ...inputs.map(({ label, one, other }): ChangeoutMove => ({
      id: `out/${label} ${one}–${other}`,
      kind: 'jumper-out',
      colour: null,
      words: `No jumper between ${one} and ${other} at the ${label.toLowerCase()}: if you find one, remove it.`,
      why: 'Each terminal has its own call.',
    })),
  ];
};

/** Two hot conductors: meter which supply each is on before you land or cap either. */
const meterFirst = (known: readonly IdentifiedConductor[]): readonly ChangeoutMove[] => {
  const hot = known.filter(({ does }) => does !== null && landingOf(does) === 'hot');
  return hot.length < 2
    ? []
    : [
        {
          id: 'meter/hot',
          kind: 'meter',
          colour: null,
          words: `Two hot conductors, ${hot.map(({ row }) => `${colorName(row.colour)} ${letterWords(row)}`).join(' and ')}: meter them before either is landed or capped.`,
          why: 'Turn off one power source and meter the other wire to its own common. If you still read 24 V there are two transformers: never jumper them together. If the reading drops out there is only one: cap the second wire.',
        },
      ];
};

/** Over 30 V at an old thermostat: move nothing and assume nothing. */
const stopMoves = (over: readonly OverVolts[]): readonly ChangeoutMove[] =>
  over.map(({ colour, volts }) => ({
    id: `stop/${colour}`,
    kind: 'stop',
    colour: isWireColor(colour) ? colour : null,
    words: `${named(colour)} read ${volts} V: a line-voltage thermostat, or crossed circuits. Move nothing here.`,
    why: stopWords('control-overvoltage'),
  }));

/** From the old thermostat to the new, and back. */
export interface MoveList {
  readonly moves: readonly ChangeoutMove[];
  /** The old wiring: conductors, jumpers and settings. */
  readonly back: readonly string[];
}

const backOf = ({ changeout }: Facts): readonly string[] => [
  ...(changeout.subbase ?? []).map(
    (row) =>
      `${named(row.colour)} ${letterWords(row)}${row.board === '' ? '' : row.board === COILED_BACK ? ', its other end coiled back' : `, its other end on ${row.board}`}.`,
  ),
  ...changeout.jumpers.map(({ one, other }) => `Jumper ${one}–${other}.`),
  ...changeout.settings.map(({ name, value }) => `${name}: ${value}.`),
];

/**
 * What to do with every conductor of the old wiring, planned with the conductors that are there; null if no old wiring
 * is recorded.
 */
export const moveList = (facts: Facts): MoveList | null => {
  const known = identifiedOldWiring(facts);
  if (known === null) return null;
  const over = oldWiringOverVolts(facts);
  if (over.length > 0) return { moves: stopMoves(over), back: backOf(facts) };
  const planned = plan(withChanges(facts, withKeptFacts(facts)));
  return {
    moves: [
      ...meterFirst(known),
      ...conductorMoves(known, planned),
      ...jumperMoves(facts, planned),
      ...boardJumperMoves(planned),
    ],
    back: backOf(facts),
  };
};
