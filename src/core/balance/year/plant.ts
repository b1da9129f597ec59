import type { Compressor } from '../compressor';
import type { Fuel } from '../economic-balance';
import type { HouseLoad } from '../load';
import type { Lockouts } from '../lockouts';

/** Defrost control of a board. */
export interface Defrosts {
  /** Share of compressor run time at 35 °F. */
  readonly share: number;
  /** `clock`: timer while the coil is below freezing; `frost`: demand board, by frost grown. */
  readonly follows: 'clock' | 'frost';
}

/** A house and its heat sources, as input to a year. */
export interface Plant {
  readonly load: HouseLoad;
  readonly compressor: Compressor;
  readonly banksKW: readonly number[];
  readonly fuel?: Fuel;
  readonly gates: Lockouts;
  /** Whether strips run together with the compressor; if not, they run only where it may not. */
  readonly stripsHelp: boolean;
  readonly defrost: Defrosts;
  /** Strips in a defrost, kW; 0: none, and the registers blow cold. */
  readonly temperingKW: number;
  /** Blower power while backup heats without the compressor, kW: the heat pump's data includes its own. */
  readonly blowerKW: number;
  /** Maximum compressor starts per hour, at half load. */
  readonly cyclesPerHour: number;
  readonly air: { readonly roomF: number; readonly cfm: number; readonly elevationFt: number };
}

/** Hours of the day with their own electric price. */
export interface PeakHours {
  readonly fromHour: number;
  readonly toHour: number;
  readonly perKWh: number;
}

/** Whether an hour of the day, 0 to 24, is a peak hour; peak hours may span midnight. */
export const isPeakHour = ({ fromHour, toHour }: PeakHours, hour: number): boolean =>
  fromHour <= toHour ? hour >= fromHour && hour < toHour : hour >= fromHour || hour < toHour;

/** Energy prices, and emissions where known. */
export interface Tariff {
  readonly electricPerKWh: number;
  /** Peak hours; null: the same price at all hours. */
  readonly peak?: PeakHours | null;
  /** Per therm of gas, or per gallon of propane or oil. */
  readonly fuelPerUnit: number;
  readonly electricKgPerKWh: number | null;
  readonly fuelKgPerUnit: number | null;
}
