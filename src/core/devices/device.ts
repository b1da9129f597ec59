import type { Signal } from '../control/thermostat';

/** Every device by id, with what it is called on screen. */
export const DEVICE_LABELS = { thermostat: 'Thermostat', 'air-handler': 'Air handler', 'outdoor-unit': 'Outdoor unit' } as const;

export type DeviceId = keyof typeof DEVICE_LABELS;

export interface Terminal {
  /** As it is marked: R, C, Y… */
  readonly mark: string;
  readonly carries: string;
}

/** What a coil or a board's own load does when it has its volts. */
export interface Coil {
  readonly id: string;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly va: number;
  /** A source's colour on screen. */
  readonly source: 'compressor' | 'strips' | 'defrost' | 'blower' | 'control';
  readonly does: string;
}

/** A contact moved by the device's own logic. */
export interface Contact {
  readonly id: string;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly movedBy: Signal;
  readonly rests: 'open' | 'closed';
}

export interface Transformer {
  readonly plus: string;
  readonly minus: string;
  readonly openCircuitVolts: number;
  readonly ohms: number;
}

/** A device as data: what there is to land a wire on, what draws current, what opens and closes. Points are local: `R`, or an inner point such as `valve`. */
export interface Device {
  readonly id: DeviceId;
  readonly label: string;
  /** The name given on the data plate, if any. */
  readonly plateName: string;
  readonly terminals: readonly Terminal[];
  readonly coils: readonly Coil[];
  readonly contacts: readonly Contact[];
  readonly transformer?: Transformer;
}

/** The name of a device's point in a network, such as `air-handler.R`. */
export const nodeOf = (device: DeviceId, point: string): string => `${device}.${point}`;
