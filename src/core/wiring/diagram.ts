import type { Coil, DeviceId } from '../devices/device';
import type { CableId, Colour, Conductor, Harness, Jumper } from './harness';

/** A terminal on its device's strip, in a row that it shares with what it is wired to. */
export interface DiagramTerminal {
  readonly mark: string;
  readonly row: number;
  readonly carries: string;
  /** Coils that this terminal feeds directly. */
  readonly coils: readonly Coil[];
}

export interface DiagramDevice {
  readonly id: DeviceId;
  readonly label: string;
  readonly plateName: string;
  readonly terminals: readonly DiagramTerminal[];
  readonly jumpers: readonly { readonly jumper: Jumper; readonly fromRow: number; readonly toRow: number }[];
}

export interface DiagramCable {
  readonly id: CableId;
  readonly label: string;
  readonly about: string;
  readonly wires: readonly { readonly conductor: Conductor; readonly row: number }[];
  readonly spares: readonly Colour[];
}

/** A harness laid out on rows, so that every planned conductor runs straight and none crosses another. */
export interface Diagram {
  readonly rows: number;
  readonly devices: readonly DiagramDevice[];
  readonly cables: readonly DiagramCable[];
}

/** What each row carries; marks that are wired together share one. */
const ROW_MARKS: readonly (readonly string[])[] = [['R'], ['C'], ['Y'], ['O', 'B'], ['G'], ['AUX', 'W1', 'W'], ['E', 'W2'], ['W3']];

const rowOf = (mark: string) => ROW_MARKS.findIndex((marks) => marks.includes(mark));

/** Lays a planned harness out for drawing. */
export const diagram = (harness: Harness): Diagram => ({
  rows: 1 + Math.max(...harness.devices.flatMap(({ terminals }) => terminals.map(({ mark }) => rowOf(mark)))),
  devices: harness.devices.map(({ id, label, plateName, terminals, coils, contacts }) => ({
    id,
    label,
    plateName,
    terminals: terminals.map(({ mark, carries }) => ({
      mark,
      carries,
      row: rowOf(mark),
      // The valve hangs behind the board's contact: it is shown at the terminal that feeds it through that.
      coils: coils.filter(
        ({ from }) => from === mark || contacts.some((contact) => contact.from === mark && contact.to === from && contact.rests === 'closed'),
      ),
    })),
    jumpers: harness.jumpers
      .filter(({ from }) => from.device === id)
      .map((jumper) => ({ jumper, fromRow: rowOf(jumper.from.mark), toRow: rowOf(jumper.to.mark) })),
  })),
  cables: harness.cables.map(({ id, label, gauge, lengthFt, conductors }) => ({
    id,
    label,
    about: `${gauge} AWG × ${conductors}, ${lengthFt} ft`,
    wires: harness.conductors.filter(({ cable }) => cable === id).map((conductor) => ({ conductor, row: rowOf(conductor.from.mark) })),
    spares: harness.spares.filter(({ cable }) => cable === id).map(({ colour }) => colour),
  })),
});
