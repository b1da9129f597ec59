import type { CallId } from '../control/moment';
import type { DeviceId } from '../devices/device';
import type { CoilId } from '../devices/ids';
import type { ClampAt } from '../strips/clamp';
import type { CableId, TerminalRef } from '../wiring/harness';
import type { SeenId } from './seen';

/** Input of a voltmeter: the usual 10 MΩ, or low impedance of about 3 kΩ, which removes ghost voltage. */
export const METERS = {
  high: { label: 'Usual setting', ohms: 10e6 },
  low: { label: 'Low impedance', ohms: 3e3 },
} as const;
export type MeterSetting = keyof typeof METERS;

/** Where line volts are read. */
export type LineSupply = `kit-${number}` | 'air-handler' | 'outdoor';

/** Anything that can be measured, seen or timed on a system. */
export type Observable =
  /** Control volts between two terminals. */
  | { readonly kind: 'volts'; readonly between: readonly [TerminalRef, TerminalRef]; readonly meter: MeterSetting }
  /** Ohms between two terminals, power off. */
  | { readonly kind: 'ohms'; readonly between: readonly [TerminalRef, TerminalRef] }
  /** Cold ohms of an element, counted from 0. */
  | { readonly kind: 'element-ohms'; readonly element: number }
  /** Amps of heat kit and blower at a clamp place. */
  | { readonly kind: 'amps'; readonly clamp: ClampAt }
  | { readonly kind: 'motor-amps'; readonly of: 'compressor' | 'fan' }
  | { readonly kind: 'line-volts'; readonly at: LineSupply; readonly isLoaded: boolean }
  | { readonly kind: 'temperature'; readonly at: 'outdoor' | 'indoor' | 'return' | 'supply' }
  | { readonly kind: 'pressure'; readonly at: 'static' | 'manifold' }
  /** A control's display: on or blank. */
  | { readonly kind: 'display'; readonly of: 'thermostat' | 'outdoor-board' }
  /** Whether a coil is visibly or audibly pulled in. */
  | { readonly kind: 'sight'; readonly coil: CoilId }
  | { readonly kind: 'time'; readonly of: 'defrost' | 'switches' }
  /** What is seen or heard, as one of a few words. */
  | { readonly kind: 'seen'; readonly what: SeenId }
  /** Whether a setting is found as planned. */
  | { readonly kind: 'setting'; readonly look: string }
  /** Capacitance relative to its label, %. Power off, discharged. */
  | { readonly kind: 'capacitor'; readonly of: 'compressor' | 'fan' }
  /** Cold ohms of a part in series with an element. */
  | { readonly kind: 'part-ohms'; readonly element: number; readonly part: 'link' | 'limit' }
  /** Ohms of the compressor's run winding, common to run. */
  | { readonly kind: 'winding-ohms' }
  /** Every rung of the kit checked with an ohmmeter: which part is open. */
  | { readonly kind: 'rungs' }
  /** Every rung of the kit checked with a clamp: which draw current. */
  | { readonly kind: 'rung-amps' }
  /** Every conductor of a cable lifted at both ends and checked: which is open, which two touch. */
  | { readonly kind: 'cable'; readonly cable: CableId }
  /** A terminal strip inspected and tugged: conductors by color, screws, jumpers. */
  | { readonly kind: 'strip'; readonly device: DeviceId }
  /** Every terminal of a strip read to its common: which are hot. */
  | { readonly kind: 'hot'; readonly device: DeviceId }
  /** What still runs with the thermostat off its base. */
  | { readonly kind: 'pulled' }
  /** Flame current, µA. */
  | { readonly kind: 'flame-current' };

/** An observable on a call; null if the call does not matter. */
export interface Observation {
  readonly observable: Observable;
  readonly call: CallId | null;
}
