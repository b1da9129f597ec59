import Papa from 'papaparse';
import { climateById } from '../balance/year/climates';
import { binned } from '../balance/year/temperatures';
import { SAMPLES } from '../samples';
import { comparePlans } from '../setup/ways/compare';
import { presetPlans } from '../setup/ways/way';
import { yearCsv } from './year-csv';

test('a line for each lockout plan and bin, with costs that add up to the year', () => {
  const { facts } = SAMPLES[3]!;
  const compared = comparePlans(facts, presetPlans(facts), binned(climateById('alder-sound').hoursF()));
  const { data } = Papa.parse<Record<string, string>>(yearCsv(compared), { header: true, skipEmptyLines: true });
  expect(data).toHaveLength(compared.reduce((sum, { year }) => sum + year.bins.length, 0));
  for (const { name, year } of compared) {
    const own = data.filter(({ way }) => way === name);
    expect(own.reduce((sum, line) => sum + Number(line['cost $']), 0)).toBeCloseTo(year.cost, 0);
    expect(own.reduce((sum, { hours }) => sum + Number(hours), 0)).toBe(8760);
  }
});
