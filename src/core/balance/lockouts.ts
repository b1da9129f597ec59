import type { SpanF } from '../units/span';

/** Limits of each source by outdoor temperature. Null or missing: no limit. */
export interface Lockouts {
  /** Compressor locked out below, °F. */
  readonly compressorBelowF?: number | null;
  /** Backup locked out above, °F. */
  readonly auxAboveF?: number | null;
  /** One entry per bank: its outdoor thermostat allows it at or below, °F. */
  readonly banksCloseBelowF?: readonly (number | null)[];
}

const orElse = (value: number | null | undefined, otherwise: number) => value ?? otherwise;

/** Coldest temperature at which the compressor may run, °F; −∞ without a limit. */
export const compressorFromF = (gates: Lockouts, minOutdoorF: number | null): number =>
  Math.max(orElse(gates.compressorBelowF, -Infinity), orElse(minOutdoorF, -Infinity));

/** Warmest temperature at which a bank (or, with bank −1, the furnace) may run, °F; +∞ without a limit. */
export const backupToF = (gates: Lockouts, bank: number): number =>
  Math.min(orElse(gates.auxAboveF, Infinity), orElse(gates.banksCloseBelowF?.[bank], Infinity));

/** The part of a range at or above a temperature, as spans. */
export const spanFrom = (fromF: number, [low, high]: SpanF): SpanF[] =>
  fromF >= high ? [] : [[Math.max(low, fromF), high]];

/** The part of a range at or below a temperature, as spans. */
export const spanTo = (toF: number, [low, high]: SpanF): SpanF[] => (toF <= low ? [] : [[low, Math.min(high, toF)]]);
