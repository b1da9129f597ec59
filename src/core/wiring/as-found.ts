import type { Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import {
  type Cable,
  COLORS,
  type Conductor,
  type Harness,
  type Jumper,
  jumperId,
  parseRef,
  refText,
  type TerminalRef,
  type WireId,
  wireNames,
} from './harness';

/** Cable name of a jumper between two terminals. */
export const JUMPER_CABLE = 'jumper';

/** One of the two ends of a conductor. */
export type WireEnd = 'from' | 'to';

const endText = (end: TerminalRef | null) => (end === null ? '' : refText(end));

/** A harness as records: the starting point for recording as-found wiring. */
export const wireRows = ({ conductors, jumpers }: Harness): WireRow[] => [
  ...conductors.map(({ cable, colour, from, to }) => ({
    cable,
    colour: colour ?? '',
    from: endText(from),
    to: endText(to),
  })),
  ...jumpers.map(({ from, to }) => ({ cable: JUMPER_CABLE, colour: '', from: refText(from), to: refText(to) })),
];

/** A row with its conductor name. */
interface NamedRow {
  readonly row: WireRow;
  readonly id: WireId;
}

/** The rows of one cable with their names, in order. */
const rowsOf = (rows: readonly WireRow[], cable: Cable['id']): NamedRow[] => {
  const own = rows.filter((row) => row.cable === cable);
  const ids = wireNames(
    cable,
    own.map(({ colour }) => (colour === '' ? null : colour)),
  );
  return own.map((row, at) => ({ row, id: ids[at]! }));
};

const conductorOf = ({ row, id }: NamedRow, cable: Cable, carries: ReadonlyMap<string, string>): Conductor => ({
  id,
  cable: cable.id,
  colour: COLORS.find((each) => each === row.colour) ?? null,
  from: parseRef(row.from),
  to: parseRef(row.to),
  carries: carries.get(id) ?? 'as found',
});

const jumperOf = (row: WireRow, planned: readonly Jumper[]): Jumper | null => {
  const from = parseRef(row.from);
  const to = parseRef(row.to);
  if (row.cable !== JUMPER_CABLE || !from || !to) return null;
  const id = jumperId(from, to);
  return { id, from, to, why: planned.find((jumper) => jumper.id === id)?.why ?? 'As found.' };
};

/** Records of older versions listed the factory lead as a jumper. It belongs to the device and is not a jumper. */
const factoryJumperIds = ({ devices }: Harness): ReadonlySet<string> =>
  new Set(
    devices.flatMap(({ id, factoryLeads }) =>
      factoryLeads.map(({ from, to }) => jumperId({ device: id, mark: from }, { device: id, mark: to })),
    ),
  );

/**
 * The planned devices and cables with the recorded conductors. A conductor of a missing cable is dropped; a duplicate
 * jumper counts once.
 */
export const withWires = (planned: Harness, rows: readonly WireRow[]): Harness => {
  const carries = new Map(planned.conductors.map((conductor) => [conductor.id, conductor.carries]));
  const factory = factoryJumperIds(planned);
  const jumpers = rows.flatMap((row) => jumperOf(row, planned.jumpers) ?? []).filter(({ id }) => !factory.has(id));
  return {
    ...planned,
    conductors: planned.cables.flatMap((cable) =>
      rowsOf(rows, cable.id).map((row) => conductorOf(row, cable, carries)),
    ),
    jumpers: [...new Map(jumpers.map((jumper) => [jumper.id, jumper])).values()],
  };
};

/** The actual wiring: as recorded, or as planned if not recorded. */
export const harnessAsFound = (facts: Facts, planned: Harness): Harness =>
  facts.wiring.asFound === null ? planned : withWires(planned, facts.wiring.asFound);

const cableOf = (conductor: WireId) => conductor.slice(0, conductor.indexOf('/')) as Cable['id'];

const rowOf = (rows: readonly WireRow[], conductor: WireId): WireRow | undefined =>
  rowsOf(rows, cableOf(conductor)).find(({ id }) => id === conductor)?.row;

/** Lands one end of a conductor on a terminal, or lifts it. An unknown conductor changes nothing. */
export const landEnd = (
  rows: readonly WireRow[],
  conductor: WireId,
  end: WireEnd,
  on: TerminalRef | null,
): readonly WireRow[] => {
  const row = rowOf(rows, conductor);
  return row === undefined ? rows : rows.map((each) => (each === row ? { ...row, [end]: endText(on) } : each));
};

const isLink = (row: WireRow, id: string): boolean => {
  const [from, to] = [parseRef(row.from), parseRef(row.to)];
  return row.cable === JUMPER_CABLE && from !== null && to !== null && jumperId(from, to) === id;
};

/** Adds a jumper between two terminals of one device unless it exists. */
export const addJumper = (rows: readonly WireRow[], from: TerminalRef, to: TerminalRef): readonly WireRow[] => {
  const [one, other] = [refText(from), refText(to)];
  const isThere = rows.some((row) => isLink(row, jumperId(from, to)));
  return one === other || isThere ? rows : [...rows, { cable: JUMPER_CABLE, colour: '', from: one, to: other }];
};

/** Removes a jumper, in either direction. */
export const removeJumper = (rows: readonly WireRow[], { from, to }: Pick<Jumper, 'from' | 'to'>): readonly WireRow[] =>
  rows.filter((row) => !isLink(row, jumperId(from, to)));

/** Colors still free in a cable, for a conductor that is not in the plan. */
export const freeColors = (rows: readonly WireRow[], cable: string): string[] =>
  COLORS.filter((colour) => !rows.some((row) => row.cable === cable && row.colour === colour));

/** Adds an unlanded conductor to a cable. */
export const addConductor = (rows: readonly WireRow[], cable: string, colour: string): readonly WireRow[] =>
  freeColors(rows, cable).includes(colour) ? [...rows, { cable, colour, from: '', to: '' }] : rows;

/** Removes a conductor from the record. */
export const removeConductor = (rows: readonly WireRow[], conductor: WireId): readonly WireRow[] => {
  const row = rowOf(rows, conductor);
  return rows.filter((each) => each !== row);
};
