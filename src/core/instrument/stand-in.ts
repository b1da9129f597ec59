import { roundTo } from '../units/round';
import type { MeterUnit, Shown } from './shown';

/** Time constant of an averaging meter after its leads are on, s. */
const SETTLES_S = 0.35;
/** Relative flicker of the last digits. */
const FLICKERS = 0.001;
/** Decimals that a simulated meter shows in each unit. */
const SHOWS: Partial<Record<MeterUnit, number>> = { V: 2, A: 2, Ω: 1, '°F': 1, 'in. w.c.': 3, '%': 1, µA: 2 };

/** Target of a simulated meter. */
export interface ProbePlacement {
  readonly value: number | 'OL' | null;
  readonly unit: MeterUnit;
  readonly ohms: number | null;
}

/**
 * Display of a simulated meter after its leads are on.
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
