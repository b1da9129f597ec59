'use client';

import dynamic from 'next/dynamic';
import type { Year, YearBin } from '@/core/balance/year/year-sums';
import { useDegrees } from '../../degrees/degrees';
import { AsTable } from '../../kit/as-table';
import { Scroller } from '../../kit/scroller';
import { type BinPart, partsOf } from './bin-parts';

const BinColumns = dynamic(() => import('./bin-columns'), {
  ssr: false,
  loading: () => <p className="min-h-72 text-quiet">Drawing …</p>,
});

const million = (btu: number) => (btu < 5e4 ? '–' : (btu / 1e6).toFixed(1));

const BinTable = ({ bins, parts }: { bins: readonly YearBin[]; parts: readonly BinPart[] }) => {
  const { figure, unit } = useDegrees();
  return (
    <Scroller label="A year by outdoor temperature">
      <table className="w-full font-mono text-sm">
        <thead>
          <tr className="text-right font-sans">
            <th scope="col" className="eyebrow text-left font-semibold">
              {unit} out
            </th>
            <th scope="col" className="eyebrow font-semibold">
              Hours
            </th>
            {parts.map(({ key, label }) => (
              <th key={key} scope="col" className="eyebrow font-semibold">
                {label}
              </th>
            ))}
            <th scope="col" className="eyebrow font-semibold">
              $
            </th>
          </tr>
        </thead>
        <tbody>
          {bins.map((bin) => (
            <tr key={bin.fromF} className="border-t border-line text-right">
              <th scope="row" className="py-0.5 text-left font-normal whitespace-nowrap">
                {figure(bin.fromF)} to {figure(bin.toF)}
              </th>
              <td>{Math.round(bin.hours)}</td>
              {parts.map(({ key }) => (
                <td key={key}>{million(bin[key])}</td>
              ))}
              <td>{bin.cost.toFixed(0)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scroller>
  );
};

/** A year's heat by outdoor temperature, million Btu, each bin a column of its sources; the same as a table. */
export const BinsChart = ({ year }: { year: Year }) => {
  const bins = year.bins.filter(({ loadBtu }) => loadBtu > 0);
  const parts = partsOf(bins);
  return (
    <figure className="min-w-0" aria-label="Heat of a year by outdoor temperature">
      <figcaption className="text-sm text-quiet">Million Btu by outdoor temperature</figcaption>
      <div aria-hidden className="min-h-72">
        <BinColumns bins={bins} parts={parts} />
      </div>
      <AsTable>
        <BinTable bins={bins} parts={parts} />
      </AsTable>
    </figure>
  );
};
