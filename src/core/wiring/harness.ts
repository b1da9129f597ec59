import type { Device, DeviceId } from '../devices/device';
import type { WireGauge } from '../units/constants';

/** A place a conductor can land on. */
export interface TerminalRef {
  readonly device: DeviceId;
  readonly mark: string;
}

/** A cable in the walls, or the leads of one added device. */
export type CableId = 'thermostat-cable' | 'outdoor-cable' | 'switch-cable' | `leads-${DeviceId}`;

export interface Cable {
  readonly id: CableId;
  readonly label: string;
  readonly from: DeviceId;
  readonly to: DeviceId;
  readonly gauge: WireGauge;
  readonly lengthFt: number;
  readonly conductors: number;
}

/**
 * One conductor of a cable. `colour` is null where the cable has none left for it; an end is null where it lands
 * nowhere.
 */
export interface Conductor {
  readonly id: string;
  readonly cable: CableId;
  readonly colour: Colour | null;
  readonly from: TerminalRef | null;
  readonly to: TerminalRef | null;
  readonly carries: string;
}

/** A conductor that lands at both ends. */
export interface LandedConductor extends Conductor {
  readonly from: TerminalRef;
  readonly to: TerminalRef;
}

/** A short link between two terminals of one device. */
export interface Jumper {
  readonly id: string;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly why: string;
}

/** Everything that is wired together: devices, cables, conductors, jumpers; and what is left open on purpose. */
export interface Harness {
  readonly devices: readonly Device[];
  readonly cables: readonly Cable[];
  readonly conductors: readonly Conductor[];
  readonly jumpers: readonly Jumper[];
  readonly notes: readonly string[];
}

/** Colours of a control cable in the order they are added as it grows. Convention, not proof. */
export const COLOURS = ['red', 'white', 'green', 'blue', 'yellow', 'brown', 'orange', 'black', 'pink', 'grey'] as const;
export type Colour = (typeof COLOURS)[number];

export const refText = ({ device, mark }: TerminalRef): string => `${device}.${mark}`;

export const sameRef = (one: TerminalRef | null, other: TerminalRef | null): boolean =>
  one === other || (one !== null && other !== null && one.device === other.device && one.mark === other.mark);

const isLanded = (conductor: Conductor): conductor is LandedConductor =>
  conductor.from !== null && conductor.to !== null;

/** The conductors that land at both ends. */
export const landedConductors = ({ conductors }: Harness): LandedConductor[] => conductors.filter(isLanded);

/** Colours of a cable that are coiled back unused. */
export const sparesOf = ({ conductors }: Harness, cable: CableId): Colour[] =>
  conductors.flatMap((each) =>
    each.cable === cable && each.from === null && each.to === null && each.colour !== null ? [each.colour] : [],
  );

/** The device of a harness by its id. */
export const deviceIn = ({ devices }: Harness, id: DeviceId): Device | undefined =>
  devices.find((device) => device.id === id);
