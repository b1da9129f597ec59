import { fromScale } from '../units/degrees';
import { roundTo } from '../units/round';

/** Units that an instrument may send, with the stored unit and the conversion. */
const UNITS = {
  V: { kept: 'V', from: (value: number) => value },
  mV: { kept: 'V', from: (value: number) => value / 1000 },
  A: { kept: 'A', from: (value: number) => value },
  mA: { kept: 'A', from: (value: number) => value / 1000 },
  µA: { kept: 'µA', from: (value: number) => value },
  Ω: { kept: 'Ω', from: (value: number) => value },
  kΩ: { kept: 'Ω', from: (value: number) => value * 1000 },
  MΩ: { kept: 'Ω', from: (value: number) => value * 1e6 },
  '°F': { kept: '°F', from: (value: number) => value },
  '°C': { kept: '°F', from: (value: number) => fromScale('C', value) },
  'in. w.c.': { kept: 'in. w.c.', from: (value: number) => value },
  // 249.089 Pa per inch of water. Source: NIST Special Publication 811, conventional inch of water.
  Pa: { kept: 'in. w.c.', from: (value: number) => value / 249.089 },
  kPa: { kept: 'in. w.c.', from: (value: number) => value / 0.249089 },
  hPa: { kept: 'in. w.c.', from: (value: number) => value / 2.49089 },
  '%': { kept: '%', from: (value: number) => value },
} as const satisfies Record<string, { kept: string; from: (value: number) => number }>;

/** A unit that an instrument may send. */
export type MeterUnit = keyof typeof UNITS;

export const METER_UNITS = Object.keys(UNITS) as readonly MeterUnit[];

/** One sample of an instrument, as sent. */
export interface Shown {
  /** The instrument's name. */
  readonly meter: string;
  /** Its input, if it has several (`outdoor`, `T1`); else empty. */
  readonly channel: string;
  /** In its own unit; OL: over range or open; null: no reading, as with leads lifted. */
  readonly value: number | 'OL' | null;
  readonly unit: MeterUnit;
  /** Its input impedance for volts, if sent, Ω. */
  readonly ohms: number | null;
  /** Whether it holds the value itself, so there is no wait. */
  readonly isHeld: boolean;
}

/** Channel of an outdoor air sensor. */
export const OUTDOOR_CHANNEL = 'outdoor';

/** Unique key of an instrument's input. */
export const inputOf = ({ meter, channel, unit }: Shown): string => `${meter}|${channel}|${UNITS[unit].kept}`;

/** The stored unit for what an instrument sends. */
export const keptUnit = (unit: MeterUnit): string => UNITS[unit].kept;

/** Decimals of a stored value: two more than any field displays. */
const DECIMALS = 4;

/** An instrument's value in the stored unit. */
export const keptValue = ({ value, unit }: Pick<Shown, 'value' | 'unit'>): Shown['value'] =>
  typeof value === 'number' ? roundTo(UNITS[unit].from(value), DECIMALS) : value;
