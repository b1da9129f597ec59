import { FUEL_BTU_PER_UNIT } from '../../units/constants';
import { electricKW, hourOf } from './hour';
import type { Plant, Tariff } from './plant';
import { BIN_WIDTH_F, type Temperatures } from './temperatures';
import { type BinSums, emptyBin, type Year, yearOfSums } from './year-sums';

/** Less heat than this is rounding, Btu/h. */
const NOTHING_BTUH = 1e-6;

/**
 * A plant's year: the hour at each temperature times its hours.
 * @param temperatures from `everyTemperature` for the hourly method, from `binned` for the bin method
 */
export const yearOf = (plant: Plant, tariff: Tariff, temperatures: Temperatures): Year => {
  const hour = hourOf(plant);
  const btuPerUnit = plant.fuel ? FUEL_BTU_PER_UNIT[plant.fuel.kind] * plant.fuel.efficiency : Infinity;
  const bins: BinSums[] = [];
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
  return yearOfSums(
    bins,
    {
      compressorKWh,
      blowerKWh,
      temperingBtu,
      heatingHours,
      stripHours,
      furnaceHours,
      shortHours,
      starts,
      coldestSupplyF: coldest === Infinity ? null : coldest,
    },
    tariff,
    btuPerUnit,
  );
};
