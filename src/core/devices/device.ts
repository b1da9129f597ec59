import type { Signal } from '../control/signal';
import type { CoilId, ContactId, FactoryLeadId, ResistorId } from './ids';
import type { SafetyCircuit } from './safety-circuit';

/** Every device by id, with its label. */
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
  /** Its mark: R, C, Y… */
  readonly mark: string;
  readonly carries: string;
  /** Terminal that it is metered to, if on its own supply; omitted: the device's common. */
  readonly readTo?: string;
  /** A wire nut in the cabinet, not a screw. */
  readonly isSplice?: boolean;
  /** The safety circuit that it belongs to: never jumper anything here. */
  readonly safety?: SafetyCircuit;
}

/** What a coil or a board's own load does when powered. */
export interface Coil {
  readonly id: CoilId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** Sealed, VA. */
  readonly va: number;
  /** Until it has pulled in, VA; omitted if it draws the same from the start, as heaters and electronics do. */
  readonly inrushVA?: number;
  /** Color of its source on screen. */
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
  /** Power of the device: without it the contact does not move and is as `unpowered` says, or at rest. */
  readonly poweredBy?: CoilId;
  readonly unpowered?: 'open' | 'closed';
  /** Why it is open, if it is. */
  readonly openWhy: string;
  /** The safety circuit that it opens: never bridge it. */
  readonly safety?: SafetyCircuit;
}

/** A factory conductor inside a device: shown as factory wiring and left alone. */
export interface FactoryLead {
  readonly id: FactoryLeadId;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

/** A resistance other than a coil, such as a thermistor. */
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

/** A device as data: its terminals, loads and contacts. Points are local: `R`, or an inner point such as `valve`. */
export interface Device {
  readonly id: DeviceId;
  readonly label: string;
  readonly spot: Spot;
  /** Name on the nameplate, if any. */
  readonly plateName: string;
  readonly terminals: readonly Terminal[];
  readonly coils: readonly Coil[];
  readonly contacts: readonly Contact[];
  readonly resistors: readonly Resistor[];
  readonly factoryLeads: readonly FactoryLead[];
  /** The first is the system transformer. */
  readonly transformers: readonly Transformer[];
}

/**
 * Terminals of a device that may carry the system's 24 V: without common, splices, sensor terminals and those of
 * another supply.
 */
export const hotScrews = ({ terminals }: Pick<Device, 'terminals'>): readonly string[] =>
  terminals
    .filter(({ mark, isSplice, readTo }) => mark !== 'C' && !isSplice && readTo === undefined && !/^S\d$/.test(mark))
    .map(({ mark }) => mark);

/**
 * Reference for metering a device's terminal: its partner on a separate supply, its own common, or else the one given.
 */
export const referenceOf = (
  { id, terminals }: Pick<Device, 'id' | 'terminals'>,
  mark: string,
  otherwise: DeviceId,
): { readonly device: DeviceId; readonly mark: string } => {
  const partner = terminals.find((terminal) => terminal.mark === mark)?.readTo;
  if (partner !== undefined) return { device: id, mark: partner };
  return { device: terminals.some((terminal) => terminal.mark === 'C') ? id : otherwise, mark: 'C' };
};

/** Terminals to meter, each once: the first of a pair on its own supply. */
export const readTerminals = ({ terminals }: Pick<Device, 'terminals'>): readonly Terminal[] =>
  terminals.filter(
    ({ mark, readTo }, at) =>
      mark !== 'C' && !(readTo !== undefined && terminals.findIndex((each) => each.mark === readTo) < at),
  );

/** A device with only the given parts. */
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

/** Name of a device's point in a network, such as `air-handler.R`. */
export const nodeOf = (device: DeviceId, point: string): string => `${device}.${point}`;
