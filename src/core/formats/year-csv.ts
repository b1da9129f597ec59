import Papa from 'papaparse';
import type { ComparedPlan } from '../setup/ways/compare';
import { roundTo } from '../units/round';
import { FORMULA_CELL } from './csv-cell';

const kBtu = (btu: number) => roundTo(btu / 1000, 1);

/** Years side by side as CSV: one line per plan and bin of outdoor temperature. */
export const yearCsv = (compared: readonly ComparedPlan[]): string => {
  const data = compared.flatMap(({ name, year }) =>
    year.bins.map(({ fromF, toF, hours, loadBtu, compressorBtu, stripsBtu, fossilBtu, shortBtu, cost }) => [
      name,
      fromF,
      toF,
      hours,
      kBtu(loadBtu),
      kBtu(compressorBtu),
      kBtu(stripsBtu),
      kBtu(fossilBtu),
      kBtu(shortBtu),
      roundTo(cost, 2),
    ]),
  );
  return Papa.unparse(
    {
      fields: [
        'way',
        'from °F',
        'to °F',
        'hours',
        'load kBtu',
        'heat pump kBtu',
        'strips kBtu',
        'furnace kBtu',
        'short kBtu',
        'cost $',
      ],
      data,
    },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
};
