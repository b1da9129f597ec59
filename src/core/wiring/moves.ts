import { DEVICE_LABELS } from '../devices/device';
import type { WireRow } from '../job/facts/wiring';
import { capital } from '../units/capital';
import { addJumper, landEnd, removeConductor, removeJumper } from './as-found';
import {
  type Cable,
  colorName,
  type Conductor,
  type Harness,
  type Jumper,
  jumperWords,
  refWords,
  sameRef,
  type TerminalRef,
} from './harness';

/** Kind of a move between plan and as-found wiring. */
export type MoveKind = 'open' | 'moved' | 'added' | 'exchanged' | 'jumper-missing' | 'jumper-added';

/** One as-found difference from the plan. */
export interface Move {
  /** Stable and unique among the moves of one job. */
  readonly id: string;
  readonly kind: MoveKind;
  /** Its conductors or jumper. */
  readonly wires: readonly string[];
  /** “outdoor common open: blue is off at the air handler C” */
  readonly words: string;
  /** How to fix it. */
  readonly home: string;
  /** A plan with this move applied. */
  readonly apply: (planned: Harness) => Harness;
  /** A record with this move fixed. */
  readonly undo: (rows: readonly WireRow[]) => readonly WireRow[];
}

const placeWords = ({ device }: TerminalRef) => DEVICE_LABELS[device].toLowerCase();
const markWords = (end: TerminalRef | null) => (end === null ? 'nowhere' : refWords(end));

/** A conductor's cable as an adjective: “outdoor common”. */
const CABLE_WORDS: Partial<Record<Cable['id'], string>> = {
  'thermostat-cable': 'thermostat',
  'outdoor-cable': 'outdoor',
  'switch-cable': 'outdoor-thermostat',
};

/** Loads that name a conductor; it carries their call, and “thermostat blower” would be neither. */
const LOADS = /^(compressor|blower|auxiliary heat|heat bank)\b/;

/** Purpose of a conductor: “outdoor common”, “thermostat blower call”. */
const functionWords = (conductor: Conductor): string => {
  const { cable } = conductor;
  const carries = LOADS.test(conductor.carries) ? `${conductor.carries} call` : conductor.carries;
  const place =
    CABLE_WORDS[cable] ??
    `${DEVICE_LABELS[cable.slice('leads-'.length) as keyof typeof DEVICE_LABELS].toLowerCase()}’s`;
  return carries.startsWith(place) ? carries : `${place} ${carries}`;
};

const colorWords = ({ colour }: Conductor) => colorName(colour);

/** How one end differs, in words; null if it does not. */
const endWords = (was: TerminalRef | null, is: TerminalRef | null): string | null => {
  if (sameRef(was, is)) return null;
  if (was && is)
    return was.device === is.device
      ? `at the ${placeWords(is)} from ${was.mark} to ${is.mark}`
      : `from ${refWords(was)} to ${refWords(is)}`;
  return is
    ? `landed on ${refWords(is)}; the plan leaves it unconnected`
    : `unconnected at the ${placeWords(was!)}; the plan lands it on ${was!.mark}`;
};

const homeOf = (was: Conductor, is: Conductor): string => {
  const ends = ([was.from, was.to] as const).flatMap((planned, at) => {
    const now = at === 0 ? is.from : is.to;
    if (sameRef(planned, now)) return [];
    return [
      planned === null
        ? `take ${colorWords(is)} off ${refWords(now!)} and cap it`
        : `move ${colorWords(is)} back to ${refWords(planned)}`,
    ];
  });
  return capital(`${ends.join('; ')}.`);
};

/** A harness with a conductor replaced by its namesake, or added. */
const withConductor = (harness: Harness, conductor: Conductor): Harness => ({
  ...harness,
  conductors: harness.conductors.some(({ id }) => id === conductor.id)
    ? harness.conductors.map((each) => (each.id === conductor.id ? conductor : each))
    : [...harness.conductors, conductor],
});

const landedAs = (rows: readonly WireRow[], { id, from, to }: Conductor): readonly WireRow[] =>
  landEnd(landEnd(rows, id, 'from', from), id, 'to', to);

const isOff = (was: Conductor, is: Conductor) =>
  [
    [was.from, is.from],
    [was.to, is.to],
  ].every(([planned, now]) => sameRef(planned!, now!) || now === null);

/** How a conductor differs: “green is landed on furnace W1; the plan leaves it unconnected”. */
const differenceWords = (was: Conductor, is: Conductor): string => {
  if (was.from === null && was.to === null) {
    const landed = [is.from, is.to].flatMap((end) => (end === null ? [] : [refWords(end)]));
    return `${colorWords(is)} is landed on ${landed.join(' and ')}; the plan leaves it unconnected`;
  }
  const ends = [endWords(was.from, is.from), endWords(was.to, is.to)].filter((words) => words !== null);
  return `${colorWords(is)} ${ends.join('; ')}`;
};

const changeOf = (was: Conductor, is: Conductor): Move => {
  const isOpen = isOff(was, is);
  return {
    id: is.id,
    kind: isOpen ? 'open' : was.from === null && was.to === null ? 'added' : 'moved',
    wires: [is.id],
    words: `${functionWords(was)}${isOpen ? ' open' : ''}: ${differenceWords(was, is)}`,
    home: homeOf(was, is),
    apply: (planned) => withConductor(planned, is),
    undo: (rows) => landedAs(rows, was),
  };
};

const goneOf = (was: Conductor): Move => ({
  id: was.id,
  kind: 'open',
  wires: [was.id],
  words: `${functionWords(was)} open: no ${colorWords(was)} from ${markWords(was.from)} to ${markWords(was.to)}`,
  home: `Run ${colorWords(was)} from ${markWords(was.from)} to ${markWords(was.to)}.`,
  apply: (planned) => ({ ...planned, conductors: planned.conductors.filter(({ id }) => id !== was.id) }),
  undo: (rows) => [
    ...rows,
    {
      cable: was.cable,
      colour: was.colour ?? '',
      from: was.from === null ? '' : `${was.from.device}.${was.from.mark}`,
      to: was.to === null ? '' : `${was.to.device}.${was.to.mark}`,
    },
  ],
});

const extraOf = (is: Conductor): Move => ({
  ...changeOf({ ...is, from: null, to: null, carries: 'conductor that is not planned' }, is),
  kind: 'added',
  undo: (rows) => removeConductor(rows, is.id),
});

const conductorMoves = (planned: Harness, found: Harness): Move[] => {
  const before = new Map(planned.conductors.map((conductor) => [conductor.id, conductor]));
  const after = new Set(found.conductors.map(({ id }) => id));
  return [
    ...found.conductors.flatMap((is): Move[] => {
      const was = before.get(is.id);
      if (was === undefined) return is.from === null && is.to === null ? [] : [extraOf(is)];
      return sameRef(was.from, is.from) && sameRef(was.to, is.to) ? [] : [changeOf(was, is)];
    }),
    ...planned.conductors
      .filter(({ id, from, to }) => !after.has(id) && (from !== null || to !== null))
      .map((was) => goneOf(was)),
  ];
};

const withoutJumper = (harness: Harness, { id }: Jumper): Harness => ({
  ...harness,
  jumpers: harness.jumpers.filter((each) => each.id !== id),
});

const jumperMoves = (planned: Harness, found: Harness): Move[] => {
  const names = (harness: Harness) => new Set(harness.jumpers.map(({ id }) => id));
  const [before, after] = [names(planned), names(found)];
  const name = (jumper: Jumper) => `${jumperWords(jumper)} at the ${placeWords(jumper.from)}`;
  return [
    ...planned.jumpers
      .filter(({ id }) => !after.has(id))
      .map((jumper): Move => ({
        id: jumper.id,
        kind: 'jumper-missing',
        wires: [jumper.id],
        words: `${name(jumper)} missing`,
        home: `Fit the ${name(jumper)}.`,
        apply: (harness) => withoutJumper(harness, jumper),
        undo: (rows) => addJumper(rows, jumper.from, jumper.to),
      })),
    ...found.jumpers
      .filter(({ id }) => !before.has(id))
      .map((jumper): Move => ({
        id: jumper.id,
        kind: 'jumper-added',
        wires: [jumper.id],
        words: `${name(jumper)} added`,
        home: `Remove the ${name(jumper)}.`,
        apply: (harness) => ({ ...harness, jumpers: [...harness.jumpers, jumper] }),
        undo: (rows) => removeJumper(rows, jumper),
      })),
  ];
};

/** As-found differences by conductor and jumper. */
export const singleMoves = (planned: Harness, found: Harness): Move[] => [
  ...conductorMoves(planned, found),
  ...jumperMoves(planned, found),
];

interface Pair {
  readonly was: Conductor;
  readonly is: Conductor;
}

/** The only end at which a conductor differs; null if both or neither do. */
const movedEnd = ({ was, is }: Pair): 'from' | 'to' | null => {
  const [from, to] = [!sameRef(was.from, is.from), !sameRef(was.to, is.to)];
  return from === to ? null : from ? 'from' : 'to';
};

/** The device at which two conductors are swapped; null if they are not. */
const exchangedAt = (one: Pair, other: Pair): TerminalRef | null => {
  const [endOne, endOther] = [movedEnd(one), movedEnd(other)];
  if (endOne === null || endOther === null) return null;
  const took = sameRef(one.is[endOne], other.was[endOther]) && sameRef(other.is[endOther], one.was[endOne]);
  return took ? one.is[endOne] : null;
};

const exchangeOf = (one: Pair, other: Pair, place: TerminalRef): Move => ({
  id: [one.is.id, other.is.id].sort().join('+'),
  kind: 'exchanged',
  wires: [one.is.id, other.is.id],
  words: `${colorWords(one.is)} and ${colorWords(other.is)} swapped at the ${placeWords(place)}`,
  home: `${homeOf(one.was, one.is).slice(0, -1)}; ${homeOf(other.was, other.is).replace(/^./, (first) => first.toLowerCase())}`,
  apply: (planned) => withConductor(withConductor(planned, one.is), other.is),
  undo: (rows) => landedAs(landedAs(rows, one.was), other.was),
});

/** The same with swapped conductors as one move. */
export const movesBetween = (planned: Harness, found: Harness): Move[] => {
  const before = new Map(planned.conductors.map((conductor) => [conductor.id, conductor]));
  const pairs = found.conductors.flatMap((is): Pair[] => {
    const was = before.get(is.id);
    return was && movedEnd({ was, is }) !== null ? [{ was, is }] : [];
  });
  const exchanges: Move[] = [];
  const taken = new Set<string>();
  pairs.forEach((one, at) => {
    for (const other of pairs.slice(at + 1)) {
      if (taken.has(one.is.id) || taken.has(other.is.id)) continue;
      const place = exchangedAt(one, other);
      if (place === null) continue;
      exchanges.push(exchangeOf(one, other, place));
      taken.add(one.is.id).add(other.is.id);
    }
  });
  return [...exchanges, ...singleMoves(planned, found).filter(({ wires }) => !wires.some((wire) => taken.has(wire)))];
};
