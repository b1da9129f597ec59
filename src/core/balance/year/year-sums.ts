import { BTU_PER_KWH } from '../../units/constants';
import type { Tariff } from './plant';
import { BIN_WIDTH_F } from './temperatures';

/** Heat and cost of the hours within one bin of outdoor temperature. */
export interface YearBin {
  readonly fromF: number;
  readonly toF: number;
  readonly hours: number;
  readonly loadBtu: number;
  readonly compressorBtu: number;
  readonly stripsBtu: number;
  readonly fossilBtu: number;
  readonly shortBtu: number;
  readonly cost: number;
}

/** A year of heating. */
export interface Year {
  readonly loadBtu: number;
  readonly compressorBtu: number;
  readonly compressorKWh: number;
  readonly stripsBtu: number;
  readonly stripsKWh: number;
  /** The blower while strips or furnace heat without the compressor. */
  readonly blowerKWh: number;
  /** Of these, strips in defrost. */
  readonly temperingKWh: number;
  readonly fossilBtu: number;
  /** Therms of gas, or gallons of propane or oil. */
  readonly fuelUnits: number;
  readonly shortBtu: number;
  readonly cost: number;
  /** Null if a factor is missing for something that is used. */
  readonly co2Kg: number | null;
  /** Hours in which the house needs heat. */
  readonly heatingHours: number;
  /** Hours in which strips carry part of the load, not counting defrost. */
  readonly stripHours: number;
  readonly furnaceHours: number;
  readonly shortHours: number;
  readonly starts: number;
  readonly coldestSupplyF: number | null;
  readonly bins: readonly YearBin[];
}

/** A bin during summation. */
export type BinSums = { -readonly [K in keyof YearBin]: YearBin[K] };

/** An empty bin. */
export const emptyBin = (fromF: number): BinSums => ({
  fromF,
  toF: fromF + BIN_WIDTH_F,
  hours: 0,
  loadBtu: 0,
  compressorBtu: 0,
  stripsBtu: 0,
  fossilBtu: 0,
  shortBtu: 0,
  cost: 0,
});

/** Totals next to the bins. */
export interface YearSums extends Pick<
  Year,
  | 'compressorKWh'
  | 'blowerKWh'
  | 'heatingHours'
  | 'stripHours'
  | 'furnaceHours'
  | 'shortHours'
  | 'starts'
  | 'coldestSupplyF'
> {
  readonly temperingBtu: number;
}

/**
 * A year from its bins and totals.
 * @param bins coldest first
 * @param btuPerFuelUnit heat per unit of fuel
 */
export const yearOfSums = (
  bins: readonly YearBin[],
  { temperingBtu, ...sums }: YearSums,
  { electricKgPerKWh, fuelKgPerUnit }: Tariff,
  btuPerFuelUnit: number,
): Year => {
  const sum = (of: (bin: YearBin) => number) => bins.reduce((total, bin) => total + of(bin), 0);
  const stripsBtu = sum(({ stripsBtu: btu }) => btu);
  const fossilBtu = sum(({ fossilBtu: btu }) => btu);
  const stripsKWh = stripsBtu / BTU_PER_KWH;
  const fuelUnits = fossilBtu / btuPerFuelUnit;
  const isWeighed = electricKgPerKWh !== null && (fuelUnits === 0 || fuelKgPerUnit !== null);
  return {
    ...sums,
    loadBtu: sum(({ loadBtu }) => loadBtu),
    compressorBtu: sum(({ compressorBtu }) => compressorBtu),
    stripsBtu,
    stripsKWh,
    temperingKWh: temperingBtu / BTU_PER_KWH,
    fossilBtu,
    fuelUnits,
    shortBtu: sum(({ shortBtu }) => shortBtu),
    cost: sum(({ cost }) => cost),
    co2Kg: isWeighed
      ? (sums.compressorKWh + sums.blowerKWh + stripsKWh) * electricKgPerKWh + fuelUnits * (fuelKgPerUnit ?? 0)
      : null,
    bins,
  };
};
