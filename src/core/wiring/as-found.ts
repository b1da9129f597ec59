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

/** The cable of a short link between two terminals. */
export const JUMPER_CABLE = 'jumper';

/** One of the two ends of a conductor. */
export type WireEnd = 'from' | 'to';

const endText = (end: TerminalRef | null) => (end === null ? '' : refText(end));

/** A harness as records: what the technician starts from when he enters what he found. */
export const wireRows = ({ conductors, jumpers }: Harness): WireRow[] => [
  ...conductors.map(({ cable, colour, from, to }) => ({
    cable,
    colour: colour ?? '',
    from: endText(from),
    to: endText(to),
  })),
  ...jumpers.map(({ from, to }) => ({ cable: JUMPER_CABLE, colour: '', from: refText(from), to: refText(to) })),
];

/** A row as its cable has it, with its name. */
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

/**
 * Jumpers that a record may hold where the manufacturer's own lead is: records of older versions named it so. It is the
 * device's, and no jumper.
 */
const factoryJumperIds = ({ devices }: Harness): ReadonlySet<string> =>
  new Set(
    devices.flatMap(({ id, factoryLeads }) =>
      factoryLeads.map(({ from, to }) => jumperId({ device: id, mark: from }, { device: id, mark: to })),
    ),
  );

/**
 * The planned devices and cables with the conductors of a record. A conductor of a cable that is not there is left out;
 * a jumper that is written twice counts once.
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

/** What is in the wall: as recorded, or as planned where no one has recorded it. */
export const harnessAsFound = (facts: Facts, planned: Harness): Harness =>
  facts.wiring.asFound === null ? planned : withWires(planned, facts.wiring.asFound);

const cableOf = (conductor: WireId) => conductor.slice(0, conductor.indexOf('/')) as Cable['id'];

const rowOf = (rows: readonly WireRow[], conductor: WireId): WireRow | undefined =>
  rowsOf(rows, cableOf(conductor)).find(({ id }) => id === conductor)?.row;

/** Lands one end of a conductor on a terminal, or takes it off. A conductor that is not there changes nothing. */
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

/** Adds a short link between two terminals of one device; one that is there already is not added again. */
export const addJumper = (rows: readonly WireRow[], from: TerminalRef, to: TerminalRef): readonly WireRow[] => {
  const [one, other] = [refText(from), refText(to)];
  const isThere = rows.some((row) => isLink(row, jumperId(from, to)));
  return one === other || isThere ? rows : [...rows, { cable: JUMPER_CABLE, colour: '', from: one, to: other }];
};

/** Takes a short link out, whichever way round it was written. */
export const removeJumper = (rows: readonly WireRow[], { from, to }: Pick<Jumper, 'from' | 'to'>): readonly WireRow[] =>
  rows.filter((row) => !isLink(row, jumperId(from, to)));

/** Colors that a cable could still have, for a conductor that the plan does not know. */
export const freeColors = (rows: readonly WireRow[], cable: string): string[] =>
  COLORS.filter((colour) => !rows.some((row) => row.cable === cable && row.colour === colour));

/** Adds a conductor to a cable, landed nowhere. */
export const addConductor = (rows: readonly WireRow[], cable: string, colour: string): readonly WireRow[] =>
  freeColors(rows, cable).includes(colour) ? [...rows, { cable, colour, from: '', to: '' }] : rows;

/** Takes a conductor out of the record altogether. */
export const removeConductor = (rows: readonly WireRow[], conductor: WireId): readonly WireRow[] => {
  const row = rowOf(rows, conductor);
  return rows.filter((each) => each !== row);
};
