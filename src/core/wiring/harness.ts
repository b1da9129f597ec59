import { type Device, DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { WireGauge } from '../units/constants';

/** A place where a conductor can land. */
export interface TerminalRef {
  readonly device: DeviceId;
  readonly mark: string;
}

/** A cable in the walls, or the leads of an added device. */
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

/** A conductor by cable and color, or by number among those without a color. */
export type WireId = `${CableId}/${string}`;

/** A jumper by its two ends, in either order. */
export type JumperId = `jumper/${string}`;

/** One conductor of a cable. `color` is null if the cable has none left; an end is null if not landed. */
export interface Conductor {
  readonly id: WireId;
  readonly cable: CableId;
  readonly colour: WireColor | null;
  readonly from: TerminalRef | null;
  readonly to: TerminalRef | null;
  readonly carries: string;
}

/** A conductor that lands at both ends. */
export interface LandedConductor extends Conductor {
  readonly from: TerminalRef;
  readonly to: TerminalRef;
}

/** A jumper between two terminals of one device. */
export interface Jumper {
  readonly id: JumperId;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly why: string;
}

/** All wiring: devices, cables, conductors, jumpers, and what is left open on purpose. */
export interface Harness {
  readonly devices: readonly Device[];
  readonly cables: readonly Cable[];
  readonly conductors: readonly Conductor[];
  readonly jumpers: readonly Jumper[];
  readonly notes: readonly string[];
}

/** Colors of control cable in the order of conductor count. Convention, not proof. */
export const COLORS = ['red', 'white', 'green', 'blue', 'yellow', 'brown', 'orange', 'black', 'pink', 'grey'] as const;
export type WireColor = (typeof COLORS)[number];

/** Whether a text is a conductor's color. */
export const isWireColor = (text: string): text is WireColor => COLORS.some((colour) => colour === text);

/** A conductor's color as displayed; records keep the name used when they were made. */
export const colorName = (colour: string | null, otherwise = 'conductor'): string =>
  colour === 'grey' ? 'gray' : (colour ?? otherwise);

export const refText = ({ device, mark }: TerminalRef): string => `${device}.${mark}`;

/** A place as recorded, `device.mark`; null if empty or unknown. */
export const parseRef = (text: string): TerminalRef | null => {
  const dot = text.indexOf('.');
  const device = text.slice(0, dot);
  return dot > 0 && Object.hasOwn(DEVICE_LABELS, device)
    ? { device: device as DeviceId, mark: text.slice(dot + 1) }
    : null;
};

/** A terminal in trade words: “air handler W1”. */
export const refWords = ({ device, mark }: TerminalRef): string => `${DEVICE_LABELS[device].toLowerCase()} ${mark}`;

/** The name of a jumper between two terminals. */
export const jumperId = (one: TerminalRef, other: TerminalRef): JumperId =>
  `jumper/${[refText(one), refText(other)].sort().join('–')}`;

/** A jumper in words: “jumper AUX–E”. */
export const jumperWords = ({ from, to }: Pick<Jumper, 'from' | 'to'>): string =>
  `jumper ${[from.mark, to.mark].sort().join('–')}`;

/**
 * Names the conductors of one cable in order: by color; by number for those without a color or with a duplicate. A plan
 * and its record give the same names.
 */
export const wireNames = (cable: CableId, colours: readonly (string | null)[]): WireId[] => {
  const seen = new Map<string, number>();
  return colours.map((colour): WireId => {
    const name = colour ?? 'missing';
    const count = (seen.get(name) ?? 0) + 1;
    seen.set(name, count);
    return `${cable}/${name}${colour === null || count > 1 ? `-${count}` : ''}`;
  });
};

export const sameRef = (one: TerminalRef | null, other: TerminalRef | null): boolean =>
  one === other || (one !== null && other !== null && one.device === other.device && one.mark === other.mark);

const isLanded = (conductor: Conductor): conductor is LandedConductor =>
  conductor.from !== null && conductor.to !== null;

/** The conductors that land at both ends. */
export const landedConductors = ({ conductors }: Harness): LandedConductor[] => conductors.filter(isLanded);

/** Unused colors of a cable. */
export const sparesOf = ({ conductors }: Harness, cable: CableId): WireColor[] =>
  conductors.flatMap((each) =>
    each.cable === cable && each.from === null && each.to === null && each.colour !== null ? [each.colour] : [],
  );

/** A harness's device by id. */
export const deviceIn = ({ devices }: Harness, id: DeviceId): Device | undefined =>
  devices.find((device) => device.id === id);
