import type { Coil, Device } from '../../devices/device';
import type { WireEnd } from '../as-found';
import type { Cable, TerminalRef, WireColor, WireId } from '../harness';
import type { Point, Side } from './geometry';

/** A terminal's row on its device. */
export interface DrawnTerminal {
  readonly ref: TerminalRef;
  readonly node: string;
  readonly carries: string;
  readonly isSplice: boolean;
  /** Middle of the row. */
  readonly y: number;
  /** Coils fed by this terminal, directly or through a normally closed contact. */
  readonly coils: readonly Coil[];
}

export interface DrawnDevice {
  readonly device: Device;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly terminals: readonly DrawnTerminal[];
}

/** A draggable end of a conductor. */
export interface DrawnEnd extends Point {
  readonly end: WireEnd;
  readonly ref: TerminalRef | null;
  readonly side: Side;
}

export interface DrawnWire {
  readonly id: WireId;
  readonly cable: Cable;
  readonly colour: WireColor | null;
  readonly carries: string;
  readonly points: readonly Point[];
  readonly ends: readonly DrawnEnd[];
  readonly isSpare: boolean;
}

export interface DrawnJumper {
  readonly id: string;
  readonly why: string;
  readonly from: TerminalRef;
  readonly to: TerminalRef;
  readonly x: number;
  readonly fromY: number;
  readonly toY: number;
  /** A factory lead: shown, and left alone. */
  readonly isFactory: boolean;
}

/** A cable's name above its channel. */
export interface DrawnCable extends Point {
  readonly id: string;
  readonly label: string;
  readonly about: string;
}

/** A harness laid out: devices by location, wires on separate tracks. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly devices: readonly DrawnDevice[];
  readonly wires: readonly DrawnWire[];
  readonly jumpers: readonly DrawnJumper[];
  readonly cables: readonly DrawnCable[];
}
