import type { Compressor } from '../compressor';
import type { Fuel } from '../economic-balance';
import type { Gates } from '../gates';
import type { HouseLoad } from '../load';

/** A house and all that heats it, as a year takes it. */
export interface Plant {
  readonly load: HouseLoad;
  readonly compressor: Compressor;
  readonly banksKW: readonly number[];
  readonly fuel?: Fuel;
  readonly gates: Gates;
  /** Whether strips help a compressor that may run; if not, they run only where it may not. */
  readonly stripsHelp: boolean;
  /** Share of the compressor's run time that is defrost with strips on, at 35 °F; 0: the registers blow cold. */
  readonly temperingShare: number;
  /** Most compressor starts an hour, at half load. */
  readonly cyclesPerHour: number;
  readonly air: { readonly roomF: number; readonly cfm: number; readonly elevationFt: number };
}

/** What energy costs, and what it emits where that is known. */
export interface Tariff {
  readonly electricPerKWh: number;
  /** A therm of gas, or a gallon of propane or oil. */
  readonly fuelPerUnit: number;
  readonly electricKgPerKWh: number | null;
  readonly fuelKgPerUnit: number | null;
}
