import type { Device, DeviceId } from '../devices/device';
import type { WireGauge } from '../units/constants';

/** A place a conductor can land on. */
export interface TerminalRef {
  readonly device: DeviceId;
  readonly mark: string;
}

export type CableId = 'thermostat-cable' | 'outdoor-cable';

export interface Cable {
  readonly id: CableId;
  readonly label: string;
  readonly from: DeviceId;
  readonly to: DeviceId;
  readonly gauge: WireGauge;
  readonly lengthFt: number;
  readonly conductors: number;
}

/** One conductor of a cable, landed at both ends. `colour` is null where the cable has none left for it. */
export interface Conductor {
  readonly id: string;
  readonly cable: CableId;
  readonly colour: Colour | null;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly carries: string;
}

/** A short link between two terminals of one device. */
export interface Jumper {
  readonly id: string;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly why: string;
}

/** Conductors of a cable that are coiled back unused. */
export interface Spare {
  readonly cable: CableId;
  readonly colour: Colour;
}

/** Everything that is wired together: devices, cables, conductors, jumpers, spares. */
export interface Harness {
  readonly devices: readonly Device[];
  readonly cables: readonly Cable[];
  readonly conductors: readonly Conductor[];
  readonly jumpers: readonly Jumper[];
  readonly spares: readonly Spare[];
}

/** Colours of a control cable in the order they are added as it grows. Convention, not proof. */
export const COLOURS = ['red', 'white', 'green', 'blue', 'yellow', 'brown', 'orange', 'black', 'pink', 'grey'] as const;
export type Colour = (typeof COLOURS)[number];

export const refText = ({ device, mark }: TerminalRef): string => `${device}.${mark}`;
