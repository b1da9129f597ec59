import type { Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import { JUMPER_CABLE, landEnd, removeJumper, type WireEnd, wireRows } from './as-found';
import { type Conductor, type Harness, jumperWords, landedConductors, refText, type TerminalRef } from './harness';

/** One mistake in a plan, as a record. */
export interface Mutation {
  readonly id: string;
  /** Its conductors or jumper. */
  readonly wires: readonly string[];
  readonly rows: readonly WireRow[];
}

/** A job with a mutated record. */
export const mutated = (facts: Facts, { rows }: Mutation): Facts => ({
  ...facts,
  wiring: { ...facts.wiring, asFound: rows },
});

const rowOf = (rows: readonly WireRow[], { cable, colour, from, to }: Conductor) =>
  rows.findIndex(
    (row) =>
      row.cable === cable &&
      row.colour === (colour ?? '') &&
      row.from === (from ? refText(from) : '') &&
      row.to === (to ? refText(to) : ''),
  );

/** Every conductor and jumper removed, one at a time. */
export const removals = (planned: Harness): Mutation[] => {
  const rows = wireRows(planned);
  return [
    ...landedConductors(planned)
      .filter(({ colour }) => colour !== null)
      .map((conductor) => {
        const at = rowOf(rows, conductor);
        return {
          id: `without ${conductor.id}`,
          wires: [conductor.id],
          rows: rows.filter((_, each) => each !== at),
        };
      }),
    ...planned.jumpers.map((jumper) => ({
      id: `without ${jumperWords(jumper)}`,
      wires: [jumper.id],
      rows: removeJumper(rows, jumper),
    })),
  ];
};

interface End {
  readonly conductor: Conductor;
  readonly end: WireEnd;
  readonly at: TerminalRef;
}

const endsAt = (planned: Harness, device: string): End[] =>
  landedConductors(planned)
    .filter(({ colour }) => colour !== null)
    .flatMap((conductor) => (['from', 'to'] as const).map((end) => ({ conductor, end, at: conductor[end] })))
    .filter(({ at }) => at.device === device);

/** Two ends at one terminal strip swapped, for every pair; only neighbors if asked. */
export const exchanges = (planned: Harness, neighborsOnly: boolean): Mutation[] => {
  const rows = wireRows(planned);
  return planned.devices.flatMap(({ id: device, terminals }) => {
    const order = new Map(terminals.map(({ mark }, at) => [mark, at]));
    const ends = endsAt(planned, device);
    return ends.flatMap((one, at) =>
      ends.slice(at + 1).flatMap((other): Mutation[] => {
        const apart = Math.abs(order.get(one.at.mark)! - order.get(other.at.mark)!);
        if (apart === 0 || (neighborsOnly && apart !== 1)) return [];
        return [
          {
            id: `${one.conductor.id} and ${other.conductor.id} at ${device}`,
            wires: [one.conductor.id, other.conductor.id],
            rows: landEnd(landEnd(rows, one.conductor.id, one.end, other.at), other.conductor.id, other.end, one.at),
          },
        ];
      }),
    );
  });
};

/** A jumper from each terminal of a strip to the next that has none. */
export const bridges = (planned: Harness): Mutation[] => {
  const rows = wireRows(planned);
  return planned.devices.flatMap(({ id: device, terminals }) =>
    terminals.slice(1).map(({ mark }, at) => {
      const [from, to] = [refText({ device, mark: terminals[at]!.mark }), refText({ device, mark })];
      return {
        id: `jumper ${from} to ${to}`,
        wires: [`jumper/${[from, to].sort().join('–')}`],
        rows: [...rows, { cable: JUMPER_CABLE, colour: '', from, to }],
      };
    }),
  );
};
