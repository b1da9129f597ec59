import type { Compressor } from '../compressor';
import type { Fuel } from '../economic-balance';
import type { HouseLoad } from '../load';
import type { Lockouts } from '../lockouts';

/** How a board spends run time on defrosts. */
export interface Defrosts {
  /** Share of the compressor's run time at 35 °F. */
  readonly share: number;
  /** `clock`: a timer, as long as the coil is below freezing; `frost`: a demand board, by what has grown. */
  readonly follows: 'clock' | 'frost';
}

/** A house and all that heats it, as a year takes it. */
export interface Plant {
  readonly load: HouseLoad;
  readonly compressor: Compressor;
  readonly banksKW: readonly number[];
  readonly fuel?: Fuel;
  readonly gates: Lockouts;
  /** Whether strips help a compressor that may run; if not, they run only where it may not. */
  readonly stripsHelp: boolean;
  readonly defrost: Defrosts;
  /** Strips that a defrost brings, kW; 0: none, and the registers blow cold. */
  readonly temperingKW: number;
  /** Blower, kW, where backup heats without the compressor: the heat pump's own figures have it in them. */
  readonly blowerKW: number;
  /** Most compressor starts an hour, at half load. */
  readonly cyclesPerHour: number;
  readonly air: { readonly roomF: number; readonly cfm: number; readonly elevationFt: number };
}

/** Hours of the day in which electricity has a price of its own. */
export interface PeakHours {
  readonly fromHour: number;
  readonly toHour: number;
  readonly perKWh: number;
}

/** Whether an hour of the day, 0 to 24, is a peak hour; peak hours may go over midnight. */
export const isPeakHour = ({ fromHour, toHour }: PeakHours, hour: number): boolean =>
  fromHour <= toHour ? hour >= fromHour && hour < toHour : hour >= fromHour || hour < toHour;

/** What energy costs, and what it emits where that is known. */
export interface Tariff {
  readonly electricPerKWh: number;
  /** Dearer hours of the day; null: the same price at all hours. */
  readonly peak?: PeakHours | null;
  /** A therm of gas, or a gallon of propane or oil. */
  readonly fuelPerUnit: number;
  readonly electricKgPerKWh: number | null;
  readonly fuelKgPerUnit: number | null;
}
