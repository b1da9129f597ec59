'use client';

import type { ApexOptions } from 'apexcharts';
import { backupOf } from '@/core/job/backup';
import type { Facts } from '@/core/job/document';
import { clockAt, dayAt } from '@/core/simulation/clock';
import { energyBySpan } from '@/core/simulation/day/energy-by-span';
import type { SimulatedDay } from '@/core/simulation/day/simulated-days';
import { FUEL_UNIT } from '@/core/units/constants';
import { roundTo } from '@/core/units/round';
import { Chart } from '../kit/chart';
import { plainChart, sourceColor, themeColor } from '../theme/chart-colors';
import { useTheme } from '../theme/theme';

/** Hourly energy as columns by source, with cost as a line. Loaded on demand. */
const EnergyColumns = ({ lived, facts }: { lived: SimulatedDay; facts: Facts }) => {
  const { theme } = useTheme();
  const spans = energyBySpan(lived.run, lived.tariff);
  const [ink, line] = ['--ink', '--line'].map(themeColor) as [string, string];
  const isFossil = backupOf(facts) === 'fossil';
  const isByDay = spans.length > 1 && spans[1]!.fromMin >= 1440;
  const series = [
    {
      name: 'Compressor and blower, kWh',
      type: 'column',
      data: spans.map(({ compressorKWh }) => roundTo(compressorKWh, 2)),
    },
    isFossil
      ? {
          name: `Furnace, ${FUEL_UNIT[facts.furnace.fuel]}s`,
          type: 'column',
          data: spans.map(({ fuelUnits }) => roundTo(fuelUnits, 3)),
        }
      : { name: 'Strips, kWh', type: 'column', data: spans.map(({ stripsKWh }) => roundTo(stripsKWh, 2)) },
    { name: 'Cost, $', type: 'line', data: spans.map(({ dollars }) => roundTo(dollars, 3)) },
  ];
  const options: ApexOptions = {
    chart: { ...plainChart(ink), stacked: true },
    colors: [sourceColor('compressor'), sourceColor(isFossil ? 'fossil' : 'strips'), ink],
    stroke: { width: [0, 0, 2.5], curve: 'stepline' },
    fill: { opacity: 1 },
    plotOptions: { bar: { columnWidth: '84%' } },
    dataLabels: { enabled: false },
    grid: { borderColor: line },
    xaxis: {
      categories: spans.map(({ fromMin }) => (isByDay ? `${dayAt(fromMin)}` : clockAt(fromMin))),
      labels: { rotate: 0, hideOverlappingLabels: true },
      tickPlacement: 'on',
    },
    yaxis: [
      { seriesName: 'Compressor and blower, kWh', decimalsInFloat: 1, title: { text: isFossil ? 'kWh, fuel' : 'kWh' } },
      { seriesName: 'Compressor and blower, kWh', show: false },
      { opposite: true, decimalsInFloat: 2, title: { text: '$' }, min: 0 },
    ],
    legend: { position: 'top', horizontalAlign: 'left' },
    tooltip: { shared: true, intersect: false, theme: theme === 'crawlspace' ? 'dark' : 'light' },
  };
  return <Chart key={theme} type="line" height={260} series={series} options={options} />;
};

export default EnergyColumns;
