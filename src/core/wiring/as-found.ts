import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import { type Cable, COLOURS, type Conductor, type Harness, type Jumper, refText, type TerminalRef } from './harness';
import { plan } from './plan';

/** The cable of a short link between two terminals. */
export const JUMPER_CABLE = 'jumper';

/** One of the two ends of a conductor. */
export type WireEnd = 'from' | 'to';

const endText = (end: TerminalRef | null) => (end === null ? '' : refText(end));

/** A place as it is written in a record: `device.mark`; null where it is empty or the device is not known. */
export const parseRef = (text: string): TerminalRef | null => {
  const dot = text.indexOf('.');
  const device = text.slice(0, dot);
  return dot > 0 && device in DEVICE_LABELS ? { device: device as DeviceId, mark: text.slice(dot + 1) } : null;
};

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

const conductorOf = (
  row: WireRow,
  at: number,
  cables: readonly Cable[],
  carries: ReadonlyMap<string, string>,
): Conductor | null => {
  const cable = cables.find(({ id }) => id === row.cable);
  if (!cable) return null;
  const colour = COLOURS.find((each) => each === row.colour) ?? null;
  const id = `${cable.id}/${colour ?? `none-${at + 1}`}`;
  return {
    id,
    cable: cable.id,
    colour,
    from: parseRef(row.from),
    to: parseRef(row.to),
    carries: carries.get(id) ?? 'as found',
  };
};

const jumperOf = (row: WireRow, planned: readonly Jumper[]): Jumper | null => {
  const from = parseRef(row.from);
  const to = parseRef(row.to);
  if (row.cable !== JUMPER_CABLE || !from || !to) return null;
  const id = `jumper ${from.mark}–${to.mark}`;
  return { id, from, to, why: planned.find((jumper) => jumper.id === id)?.why ?? 'As found.' };
};

/**
 * The planned devices and cables with the conductors of a record. A conductor of a cable that is not there is left
 * out.
 */
export const withWires = (planned: Harness, rows: readonly WireRow[]): Harness => {
  const carries = new Map(planned.conductors.map((conductor) => [conductor.id, conductor.carries]));
  return {
    ...planned,
    conductors: rows.flatMap((row, at) => conductorOf(row, at, planned.cables, carries) ?? []),
    jumpers: rows.flatMap((row) => jumperOf(row, planned.jumpers) ?? []),
  };
};

/** What is in the wall: as recorded, or as planned where nobody has recorded it. */
export const harnessInWall = (facts: Facts, planned: Harness = plan(facts)): Harness =>
  facts.wiring.asFound === null ? planned : withWires(planned, facts.wiring.asFound);

const replaced = (rows: readonly WireRow[], at: number, row: WireRow): WireRow[] =>
  rows.map((each, index) => (index === at ? row : each));

const rowOf = (rows: readonly WireRow[], conductor: string): number =>
  rows.findIndex(({ cable, colour }, at) => `${cable}/${colour || `none-${at + 1}`}` === conductor);

/** Lands one end of a conductor on a terminal, or takes it off. A conductor that is not there changes nothing. */
export const landEnd = (
  rows: readonly WireRow[],
  conductor: string,
  end: WireEnd,
  on: TerminalRef | null,
): readonly WireRow[] => {
  const at = rowOf(rows, conductor);
  return at < 0 ? rows : replaced(rows, at, { ...rows[at]!, [end]: endText(on) });
};

/** Adds a short link between two terminals of one device; one that is there already is not added again. */
export const addJumper = (rows: readonly WireRow[], from: TerminalRef, to: TerminalRef): readonly WireRow[] => {
  const [one, other] = [refText(from), refText(to)];
  const isThere = rows.some(
    (row) =>
      row.cable === JUMPER_CABLE && ((row.from === one && row.to === other) || (row.from === other && row.to === one)),
  );
  return one === other || isThere ? rows : [...rows, { cable: JUMPER_CABLE, colour: '', from: one, to: other }];
};

/** Takes a short link out. */
export const removeJumper = (rows: readonly WireRow[], { from, to }: Pick<Jumper, 'from' | 'to'>): readonly WireRow[] =>
  rows.filter((row) => !(row.cable === JUMPER_CABLE && row.from === refText(from) && row.to === refText(to)));

/** Colours that a cable could still have, for a conductor that the plan does not know. */
export const freeColours = (rows: readonly WireRow[], cable: string): string[] =>
  COLOURS.filter((colour) => !rows.some((row) => row.cable === cable && row.colour === colour));

/** Adds a conductor to a cable, landed nowhere. */
export const addConductor = (rows: readonly WireRow[], cable: string, colour: string): readonly WireRow[] =>
  freeColours(rows, cable).includes(colour) ? [...rows, { cable, colour, from: '', to: '' }] : rows;

/** Takes a conductor out of the record altogether. */
export const removeConductor = (rows: readonly WireRow[], conductor: string): readonly WireRow[] =>
  rows.filter((_, at) => at !== rowOf(rows, conductor));
