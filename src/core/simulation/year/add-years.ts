import type { Year, YearBin } from '../../balance/year/year-sums';
import type { MinuteYear } from './minute-book';

/** A part of a year, with its number of occurrences. */
export interface YearPart {
  readonly part: MinuteYear;
  readonly times: number;
}

const BIN_SUMS = ['hours', 'loadBtu', 'compressorBtu', 'stripsBtu', 'fossilBtu', 'shortBtu', 'cost'] as const;

const addBins = (parts: readonly YearPart[]): YearBin[] => {
  const bins = new Map<number, YearBin>();
  for (const { part, times } of parts)
    for (const bin of part.year.bins) {
      const before = bins.get(bin.fromF);
      const sums = Object.fromEntries(BIN_SUMS.map((name) => [name, (before?.[name] ?? 0) + bin[name] * times]));
      bins.set(bin.fromF, { fromF: bin.fromF, toF: bin.toF, ...(sums as Record<(typeof BIN_SUMS)[number], number>) });
    }
  return [...bins.values()].sort((one, other) => one.fromF - other.fromF);
};

/** Adds parts of a year, each by its number of occurrences. */
export const addYears = (parts: readonly YearPart[]): MinuteYear => {
  const sum = (of: (part: MinuteYear) => number) =>
    parts.reduce((total, { part, times }) => total + of(part) * times, 0);
  const sumYear = (of: (year: Year) => number) => sum(({ year }) => of(year));
  const coldest = parts.flatMap(({ part }) => part.year.coldestSupplyF ?? []);
  const demand = parts.map(({ part }) => part.demandCost);
  return {
    year: {
      loadBtu: sumYear(({ loadBtu }) => loadBtu),
      compressorBtu: sumYear(({ compressorBtu }) => compressorBtu),
      compressorKWh: sumYear(({ compressorKWh }) => compressorKWh),
      blowerKWh: sumYear(({ blowerKWh }) => blowerKWh),
      stripsBtu: sumYear(({ stripsBtu }) => stripsBtu),
      stripsKWh: sumYear(({ stripsKWh }) => stripsKWh),
      temperingKWh: sumYear(({ temperingKWh }) => temperingKWh),
      fossilBtu: sumYear(({ fossilBtu }) => fossilBtu),
      fuelUnits: sumYear(({ fuelUnits }) => fuelUnits),
      shortBtu: sumYear(({ shortBtu }) => shortBtu),
      cost: sumYear(({ cost }) => cost),
      co2Kg: parts.some(({ part }) => part.year.co2Kg === null) ? null : sumYear(({ co2Kg }) => co2Kg!),
      heatingHours: sumYear(({ heatingHours }) => heatingHours),
      stripHours: sumYear(({ stripHours }) => stripHours),
      furnaceHours: sumYear(({ furnaceHours }) => furnaceHours),
      shortHours: sumYear(({ shortHours }) => shortHours),
      starts: sumYear(({ starts }) => starts),
      coldestSupplyF: coldest.length === 0 ? null : Math.min(...coldest),
      bins: addBins(parts),
    },
    defrosts: sum(({ defrosts }) => defrosts),
    degreeHoursShort: sum(({ degreeHoursShort }) => degreeHoursShort),
    // A month's highest quarter hour counts once, however many days the simulated one represents.
    demandCost: demand.includes(null) ? null : demand.reduce<number>((total, each) => total + each!, 0),
    storedBtu: sum(({ storedBtu }) => storedBtu),
  };
};
