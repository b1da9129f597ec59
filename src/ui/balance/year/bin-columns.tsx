'use client';

import type { ApexOptions } from 'apexcharts';
import type { YearBin } from '@/core/balance/year/year-sums';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../../degrees/degrees';
import { Chart } from '../../kit/chart';
import { plainChart, sourceColor, themeColor } from '../../theme/chart-colors';
import { useTheme } from '../../theme/theme';
import type { BinPart } from './bin-parts';

const MILLION = 1e6;

interface BinColumnsProps {
  readonly bins: readonly YearBin[];
  readonly parts: readonly BinPart[];
}

/** Each bin as a column of its sources; the shortfall is striped. Loaded on demand. */
const BinColumns = ({ bins, parts }: BinColumnsProps) => {
  const { theme } = useTheme();
  const { figure, text, unit } = useDegrees();
  const [ink, line, fail] = ['--ink', '--line', '--fail'].map(themeColor) as [string, string, string];
  const colours = parts.map(({ source }) => (source === null ? fail : sourceColor(source)));
  const options: ApexOptions = {
    chart: { ...plainChart(ink), stacked: true },
    colors: colours,
    fill: {
      type: parts.map(({ source }) => (source === null ? 'pattern' : 'solid')),
      opacity: 1,
      pattern: { style: parts.map(({ source }) => (source === null ? 'slantedLines' : 'squares')), strokeWidth: 2 },
    },
    plotOptions: { bar: { columnWidth: '92%' } },
    dataLabels: { enabled: false },
    grid: { borderColor: line },
    xaxis: {
      categories: bins.map(({ fromF }) => figure(fromF, 0)),
      title: { text: `${unit} out, from` },
      labels: { rotate: 0, hideOverlappingLabels: true },
      tickPlacement: 'on',
    },
    yaxis: { decimalsInFloat: 0 },
    legend: { position: 'top', horizontalAlign: 'left', showForSingleSeries: true },
    tooltip: {
      shared: true,
      intersect: false,
      theme: theme === 'crawlspace' ? 'dark' : 'light',
      x: {
        formatter: (_, at) => {
          const bin = bins[(at as { dataPointIndex: number }).dataPointIndex]!;
          return `${figure(bin.fromF)} to ${text(bin.toF)}: ${Math.round(bin.hours)} h, $${bin.cost.toFixed(0)}`;
        },
      },
    },
  };
  const series = parts.map(({ key, label }) => ({
    name: label,
    data: bins.map((bin) => roundTo(bin[key] / MILLION, 2)),
  }));
  return <Chart key={theme + unit} type="bar" height={290} series={series} options={options} />;
};

export default BinColumns;
