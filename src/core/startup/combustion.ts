import type { FuelKind } from '../units/constants';
import { roundTo } from '../units/round';
import type { Grade } from './step';

/** Oxygen in air, %. */
const AIR_O2 = 20.9;

/**
 * Flue CO that shuts a furnace down, ppm air-free. Source: ANSI Z21.47 / CSA 2.3, gas central furnaces, 0.04 %; used
 * for oil too.
 */
export const MOST_CO_PPM = 400;
/** Good combustion up to here, ppm air-free. Our judgment: a burner in order is below it. */
export const GOOD_CO_PPM = 100;
/** Above it the sample is diluted by room air and tells nothing, % O₂. Our judgment: no burner in order is above it. */
export const DILUTED_O2 = 14;
/**
 * Room CO, ppm: acceptable up to the first, everyone out above the second. Sources: US EPA (9 ppm, 8 h); NIOSH REL (35
 * ppm).
 */
export const AMBIENT_CO_PPM = [9, 35] as const;

/** Ultimate CO₂ of flue gas, %. Sources: 15.4 No. 2 oil, 11.7 natural gas, 13.8 propane. */
const ULTIMATE_CO2: Readonly<Record<FuelKind, number>> = { 'fuel-oil': 15.4, 'natural-gas': 11.7, propane: 13.8 };
/** Maximum disagreement of CO₂ and O₂ of one sample, points of CO₂. Our judgment: two cells of one analyzer. */
const CO2_TOLERANCE = 1.5;

/**
 * Air-free carbon monoxide, ppm.
 * @param coPpm as measured, ppm
 * @param o2 of the same sample, %; below 20.9 @source CO × 20.9 ÷ (20.9 − O₂)
 * @example airFreePpm(95, 18.5); // 827
 */
export const airFreePpm = (coPpm: number, o2: number): number => (coPpm * AIR_O2) / (AIR_O2 - o2);

/** CO₂ that matches an O₂ reading, %. @source ultimate CO₂ × (20.9 − O₂) ÷ 20.9 */
export const co2Of = (fuel: FuelKind, o2: number): number => (ULTIMATE_CO2[fuel] * (AIR_O2 - o2)) / AIR_O2;

/** Whether CO₂ and O₂ of one sample agree. */
export const fitTogether = (fuel: FuelKind, co2: number, o2: number): boolean =>
  Math.abs(co2 - co2Of(fuel, o2)) <= CO2_TOLERANCE;

/** Meaning of a CO reading, and what to do; `null` if the plain words suffice. */
export interface CoVerdict {
  readonly grade: Extract<Grade, 'pass' | 'warn' | 'fail'>;
  readonly means: string;
  readonly next?: string;
}

/** Maximum passing CO: the typed limit, never above the built-in ceiling; ppm air-free. */
export const coLimitPpm = (typedPpm: number | null): number => Math.min(typedPpm ?? GOOD_CO_PPM, MOST_CO_PPM);

/**
 * Judges flue CO, air-free. Without O₂ of the same sample, or with a diluted sample, it cannot pass.
 * @param coPpm as measured
 * @param o2 of the same sample, %; undefined: not read
 * @param typedPpm the manufacturer's or the code's own limit, ppm air-free; null: none typed
 */
export const coVerdict = (coPpm: number, o2: number | undefined, typedPpm: number | null): CoVerdict => {
  if (coPpm > MOST_CO_PPM)
    return { grade: 'fail', means: `${roundTo(coPpm, 0)} ppm as measured: over the ceiling of ${MOST_CO_PPM} ppm.` };
  if (o2 === undefined)
    return {
      grade: 'warn',
      means: 'CO is judged air-free, by the O₂ of the same sample.',
      next: 'Read O₂ at the same place in the same minute, then this again.',
    };
  if (o2 >= AIR_O2)
    return {
      grade: 'warn',
      means: `${o2} % O₂ is room air.`,
      next: 'Move the probe into the flue gas; read both again.',
    };
  const ppm = airFreePpm(coPpm, o2);
  const words = `${roundTo(ppm, 0)} ppm air-free (${coPpm} ppm at ${o2} % O₂)`;
  const limit = coLimitPpm(typedPpm);
  if (ppm > MOST_CO_PPM) return { grade: 'fail', means: `${words}: over the ceiling of ${MOST_CO_PPM} ppm.` };
  if (typedPpm !== null && ppm > limit) return { grade: 'fail', means: `${words}: over the limit of ${limit} ppm.` };
  if (o2 > DILUTED_O2)
    return {
      grade: 'warn',
      means: `${words}. With ${o2} % O₂ the sample is diluted with room air.`,
      next: 'Move the probe upstream of the draft hood or the leak; read O₂ and CO again.',
    };
  return ppm > limit
    ? {
        grade: 'warn',
        means: `${words}. A burner in order makes less than ${limit}.`,
        next: 'Burner, air and pressure by a licensed tech; then read both again.',
      }
    : { grade: 'pass', means: `${words}.` };
};

/** Siegert coefficients by fuel, for °C and % O₂. Source: Siegert's formula as in EN 50379-1. */
const SIEGERT: Readonly<Record<FuelKind, readonly [number, number]>> = {
  'fuel-oil': [0.68, 0.007],
  'natural-gas': [0.66, 0.009],
  propane: [0.63, 0.008],
};
const F_PER_C = 1.8;

/**
 * Dry flue loss as a share of the fuel's net heat, %.
 * @param netStackF flue gas less combustion air, °F
 * @param o2 of the flue gas, %; below 20.9 @source Siegert's formula
 */
export const stackLossPercent = (fuel: FuelKind, netStackF: number, o2: number): number => {
  const [a, b] = SIEGERT[fuel];
  return (netStackF / F_PER_C) * (a / (AIR_O2 - o2) + b);
};

/** Tolerance of an analyzer, points; and points of latent heat, which not every analyzer counts. */
const EFFICIENCY_OFF = 2;
const WATER_POINTS: Readonly<Record<FuelKind, number>> = { 'fuel-oil': 7, 'natural-gas': 11, propane: 9 };

/** Possible range of an analyzer's efficiency at a stack temperature and O₂, %. */
export const efficiencySpan = (fuel: FuelKind, netStackF: number, o2: number): readonly [number, number] => {
  const dry = 100 - stackLossPercent(fuel, netStackF, o2);
  return [dry - WATER_POINTS[fuel] - EFFICIENCY_OFF, Math.min(100, dry + EFFICIENCY_OFF)];
};

/**
 * Input of an oil burner, Btu/h.
 * @param gph nozzle at 100 psi, gal/h
 * @param psi pump pressure
 * @source gph × √(psi ÷ 100) × 138,500 Btu/gal (US EIA)
 * @example
 * oilInputBtuh(1.5, 140); // 245,800
 */
export const oilInputBtuh = (gph: number, psi: number): number => gph * Math.sqrt(psi / 100) * OIL_BTU_PER_GAL;
const OIL_BTU_PER_GAL = 138_500;
