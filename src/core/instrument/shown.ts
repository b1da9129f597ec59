import { fromScale } from '../units/degrees';
import { roundTo } from '../units/round';

/** Units that an instrument may send, each with the unit that a reading is kept in, and how it gets there. */
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
  // 249.089 Pa to the inch of water. Source: NIST Special Publication 811, conventional inch of water.
  Pa: { kept: 'in. w.c.', from: (value: number) => value / 249.089 },
  kPa: { kept: 'in. w.c.', from: (value: number) => value / 0.249089 },
  hPa: { kept: 'in. w.c.', from: (value: number) => value / 2.49089 },
  '%': { kept: '%', from: (value: number) => value },
} as const satisfies Record<string, { kept: string; from: (value: number) => number }>;

/** A unit that an instrument may send. */
export type MeterUnit = keyof typeof UNITS;

export const METER_UNITS = Object.keys(UNITS) as readonly MeterUnit[];

/** What an instrument shows at one moment, as it sent it. */
export interface Shown {
  /** What the instrument calls itself. */
  readonly meter: string;
  /** Which of its inputs, where it has more than one (`outdoor`, `T1`); else empty. */
  readonly channel: string;
  /** In its own unit; OL: beyond its range or open; null: it shows nothing, as with its leads lifted. */
  readonly value: number | 'OL' | null;
  readonly unit: MeterUnit;
  /** Its input where it reads volts and says so, Ω. */
  readonly ohms: number | null;
  /** Whether it holds the figure itself: nothing is waited for. */
  readonly isHeld: boolean;
}

/** The channel of a sensor that reads the air outdoors. */
export const OUTDOOR_CHANNEL = 'outdoor';

/** An instrument's input, told from every other. */
export const inputOf = ({ meter, channel, unit }: Shown): string => `${meter}|${channel}|${UNITS[unit].kept}`;

/** The unit that readings are kept in for what an instrument sends. */
export const keptUnit = (unit: MeterUnit): string => UNITS[unit].kept;

/** Decimals of a figure on its way into the record: two more than any field is read with. */
const DECIMALS = 4;

/** What an instrument shows, in the unit that readings are kept in. */
export const keptValue = ({ value, unit }: Pick<Shown, 'value' | 'unit'>): Shown['value'] =>
  typeof value === 'number' ? roundTo(UNITS[unit].from(value), DECIMALS) : value;
