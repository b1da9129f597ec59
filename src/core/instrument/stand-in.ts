import { roundTo } from '../units/round';
import type { MeterUnit, Shown } from './shown';

/** A figure comes to where it belongs with this time constant once the leads are on, s: an averaging meter. */
const SETTLES_S = 0.35;
/** How much of a figure flickers in its last digits. */
const FLICKERS = 0.001;
/** Decimals that a stand-in shows in each of its units. */
const SHOWS: Partial<Record<MeterUnit, number>> = { V: 2, A: 2, Ω: 1, '°F': 1, 'in. w.c.': 3, '%': 1, µA: 2 };

/** What a simulated meter is held to. */
export interface ProbePlacement {
  readonly value: number | 'OL' | null;
  readonly unit: MeterUnit;
  readonly ohms: number | null;
}

/**
 * What a simulated meter shows after its leads were put on.
 * @param onForS seconds since then
 * @param next numbers from 0 to 1, for its flicker
 */
export const simulatedMeterShows = (meter: string, held: ProbePlacement, onForS: number, next: () => number): Shown => {
  const { value, unit, ohms } = held;
  const flicker = 1 + FLICKERS * (2 * next() - 1);
  return {
    meter,
    channel: '',
    value:
      typeof value === 'number'
        ? roundTo(value * (1 - Math.exp(-onForS / SETTLES_S)) * flicker, SHOWS[unit] ?? 2)
        : value,
    unit,
    ohms,
    isHeld: false,
  };
};
