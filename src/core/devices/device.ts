import type { Signal } from '../control/signal';
import type { CoilId, ContactId, FactoryLeadId, ResistorId } from './ids';
import type { SafetyCircuit } from './safety-circuit';

/** Every device by id, with what it is called on screen. */
export const DEVICE_LABELS = {
  thermostat: 'Thermostat',
  'air-handler': 'Air handler',
  furnace: 'Furnace',
  'fan-center': 'Fan center',
  'packaged-unit': 'Packaged unit',
  'outdoor-unit': 'Outdoor unit',
  'float-switch': 'Float switch',
  interlock: 'Interlock',
  'isolation-relay': 'Isolation relay',
  'low-gas-switch': 'Low-gas switch',
  'emergency-relay': 'Emergency relay',
  'strip-interlock': 'Strip interlock',
  'outdoor-thermostats': 'Outdoor thermostats',
  'outdoor-sensor': 'Outdoor sensor',
  'relay-pair-wall': 'Relay pair, wall',
  'relay-pair-board': 'Relay pair, board',
  'load-control': 'Load-control relay',
  'wet-switch': 'Wet switch',
  'zone-board': 'Zone board',
  dehumidistat: 'Dehumidistat',
  humidifier: 'Humidifier',
  ventilator: 'Ventilator',
  'air-cleaner': 'Air cleaner',
} as const;

export type DeviceId = keyof typeof DEVICE_LABELS;

/** Where a device is in the house. */
export type Spot = 'wall' | 'indoors' | 'outdoors';

export interface Terminal {
  /** As it is marked: R, C, Y… */
  readonly mark: string;
  readonly carries: string;
  /** The terminal that it is read to, where it is on a supply of its own; the device's common where left out. */
  readonly readTo?: string;
  /** A nut in the cabinet where conductors meet, not a screw. */
  readonly isSplice?: boolean;
  /** The safety circuit that it is part of: nothing is jumpered here. */
  readonly safety?: SafetyCircuit;
}

/** What a coil or a board's own load does when it has its volts. */
export interface Coil {
  readonly id: CoilId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** Sealed, VA. */
  readonly va: number;
  /** Until it has pulled in, VA; left out where it draws the same from the start, as heaters and electronics do. */
  readonly inrushVA?: number;
  /** A source's color on screen. */
  readonly source: 'compressor' | 'strips' | 'fossil' | 'defrost' | 'blower' | 'control';
  readonly does: string;
}

/** A contact moved by the logic of a device, by the weather, or by a coil. */
export interface Contact {
  readonly id: ContactId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly movedBy: Signal | { readonly coil: CoilId };
  readonly rests: 'open' | 'closed';
  /** The device's own power: without it the contact is no longer moved, and stands as `unpowered` says, or at rest. */
  readonly poweredBy?: CoilId;
  readonly unpowered?: 'open' | 'closed';
  /** Why it is open, where it is. */
  readonly openWhy: string;
  /** The safety circuit that it opens: it is never bridged. */
  readonly safety?: SafetyCircuit;
}

/** A conductor that the manufacturer fitted inside a device: shown as the factory's own, and left alone. */
export interface FactoryLead {
  readonly id: FactoryLeadId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

/** A resistance that is no coil, such as a thermistor. */
export interface Resistor {
  readonly id: ResistorId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly ohmsAt: (outdoorF: number) => number;
}

/** A transformer's secondary between two points. */
export interface Transformer {
  readonly plus: string;
  readonly minus: string;
  readonly va: number;
  readonly openCircuitVolts: number;
  readonly ohms: number;
}

/**
 * A device as data: what there is to land a wire on, what draws current, what opens and closes. Points are local: `R`,
 * or an inner point such as `valve`.
 */
export interface Device {
  readonly id: DeviceId;
  readonly label: string;
  readonly spot: Spot;
  /** The name given on the data plate, if any. */
  readonly plateName: string;
  readonly terminals: readonly Terminal[];
  readonly coils: readonly Coil[];
  readonly contacts: readonly Contact[];
  readonly resistors: readonly Resistor[];
  readonly factoryLeads: readonly FactoryLead[];
  /** The first is the system's own. */
  readonly transformers: readonly Transformer[];
}

/**
 * The screws of a device that 24 V of the system may be on: common, splices, a sensor's and another supply's left out.
 */
export const hotScrews = ({ terminals }: Pick<Device, 'terminals'>): readonly string[] =>
  terminals
    .filter(({ mark, isSplice, readTo }) => mark !== 'C' && !isSplice && readTo === undefined && !/^S\d$/.test(mark))
    .map(({ mark }) => mark);

/** Where a device's terminal is read to: its partner on a supply of its own, its own common, or else the one given. */
export const referenceOf = (
  { id, terminals }: Pick<Device, 'id' | 'terminals'>,
  mark: string,
  otherwise: DeviceId,
): { readonly device: DeviceId; readonly mark: string } => {
  const partner = terminals.find((terminal) => terminal.mark === mark)?.readTo;
  if (partner !== undefined) return { device: id, mark: partner };
  return { device: terminals.some((terminal) => terminal.mark === 'C') ? id : otherwise, mark: 'C' };
};

/** Terminals that are read, each once: of a pair on its own supply the first. */
export const readTerminals = ({ terminals }: Pick<Device, 'terminals'>): readonly Terminal[] =>
  terminals.filter(
    ({ mark, readTo }, at) =>
      mark !== 'C' && !(readTo !== undefined && terminals.findIndex((each) => each.mark === readTo) < at),
  );

/** A device that has nothing but what is given. */
export const device = (id: DeviceId, spot: Spot, parts: Partial<Omit<Device, 'id' | 'spot' | 'label'>>): Device => ({
  id,
  spot,
  label: DEVICE_LABELS[id],
  plateName: '',
  terminals: [],
  coils: [],
  contacts: [],
  resistors: [],
  factoryLeads: [],
  transformers: [],
  ...parts,
});

/** The name of a device's point in a network, such as `air-handler.R`. */
export const nodeOf = (device: DeviceId, point: string): string => `${device}.${point}`;
