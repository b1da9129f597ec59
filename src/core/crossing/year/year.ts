import { BTU_PER_KWH, FUEL_BTU_PER_UNIT } from '../../units/constants';
import { electricKW, hourOf } from './hour';
import type { Plant, Tariff } from './plant';
import { BIN_WIDTH_F, type Temperatures } from './temperatures';

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
  /** Null where no factor is given for something that is used. */
  readonly co2Kg: number | null;
  /** Hours in which the house needs heat. */
  readonly heatingHours: number;
  /** Hours in which strips carry part of the load, defrost apart. */
  readonly stripHours: number;
  readonly furnaceHours: number;
  readonly shortHours: number;
  readonly starts: number;
  readonly coldestSupplyF: number | null;
  readonly bins: readonly YearBin[];
}

/** Heat under this is rounding, Btu/h. */
const NOTHING_BTUH = 1e-6;

type Writable<T> = { -readonly [K in keyof T]: T[K] };

const emptyBin = (fromF: number): Writable<YearBin> => ({
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

/**
 * A year of a plant: the hour at each temperature times the hours it lasts.
 * @param temperatures from `everyTemperature` for the hourly method, from `binned` for the bin method
 */
export const yearOf = (plant: Plant, tariff: Tariff, temperatures: Temperatures): Year => {
  const hour = hourOf(plant);
  const btuPerUnit = plant.fuel ? FUEL_BTU_PER_UNIT[plant.fuel.kind] * plant.fuel.efficiency : Infinity;
  const bins: Writable<YearBin>[] = [];
  let [compressorKWh, blowerKWh, temperingBtu, heatingHours] = [0, 0, 0, 0];
  let [stripHours, furnaceHours, shortHours, starts, coldest] = [0, 0, 0, 0, Infinity];
  for (let at = 0; at < temperatures.outdoorF.length; at++) {
    const outdoorF = temperatures.outdoorF[at]!;
    const hours = temperatures.hours[at]!;
    const fromF = Math.floor(outdoorF / BIN_WIDTH_F) * BIN_WIDTH_F;
    let bin = bins.at(-1);
    if (bin?.fromF !== fromF) bins.push((bin = emptyBin(fromF)));
    bin.hours += hours;
    const heat = hour(outdoorF);
    if (heat.loadBtuh === 0) continue;
    bin.loadBtu += heat.loadBtuh * hours;
    bin.compressorBtu += heat.compressorBtuh * hours;
    bin.stripsBtu += heat.stripsBtuh * hours;
    bin.fossilBtu += heat.fossilBtuh * hours;
    bin.shortBtu += heat.shortBtuh * hours;
    const perKWh = tariff.peak
      ? tariff.electricPerKWh + temperatures.peakShare[at]! * (tariff.peak.perKWh - tariff.electricPerKWh)
      : tariff.electricPerKWh;
    bin.cost += hours * (electricKW(heat) * perKWh + (heat.fossilBtuh / btuPerUnit) * tariff.fuelPerUnit);
    compressorKWh += heat.compressorKW * hours;
    blowerKWh += heat.blowerKW * hours;
    temperingBtu += heat.temperingBtuh * hours;
    heatingHours += hours;
    if (heat.stripsBtuh - heat.temperingBtuh > NOTHING_BTUH) stripHours += hours;
    if (heat.fossilBtuh > NOTHING_BTUH) furnaceHours += hours;
    if (heat.shortBtuh > NOTHING_BTUH) shortHours += hours;
    starts += heat.starts * hours;
    if (heat.coldestSupplyF !== null && heat.coldestSupplyF < coldest) coldest = heat.coldestSupplyF;
  }
  const sum = (of: (bin: YearBin) => number) => bins.reduce((total, bin) => total + of(bin), 0);
  const stripsBtu = sum(({ stripsBtu: btu }) => btu);
  const fossilBtu = sum(({ fossilBtu: btu }) => btu);
  const stripsKWh = stripsBtu / BTU_PER_KWH;
  const fuelUnits = fossilBtu / btuPerUnit;
  const { electricKgPerKWh, fuelKgPerUnit } = tariff;
  const isWeighed = electricKgPerKWh !== null && (fuelUnits === 0 || fuelKgPerUnit !== null);
  return {
    loadBtu: sum(({ loadBtu }) => loadBtu),
    compressorBtu: sum(({ compressorBtu }) => compressorBtu),
    compressorKWh,
    blowerKWh,
    stripsBtu,
    stripsKWh,
    temperingKWh: temperingBtu / BTU_PER_KWH,
    fossilBtu,
    fuelUnits,
    shortBtu: sum(({ shortBtu }) => shortBtu),
    cost: sum(({ cost }) => cost),
    co2Kg: isWeighed
      ? (compressorKWh + blowerKWh + stripsKWh) * electricKgPerKWh + fuelUnits * (fuelKgPerUnit ?? 0)
      : null,
    heatingHours,
    stripHours,
    furnaceHours,
    shortHours,
    starts,
    coldestSupplyF: coldest === Infinity ? null : coldest,
    bins,
  };
};
