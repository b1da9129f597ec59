'use client';

import type { ApexOptions } from 'apexcharts';
import type { MeasuredHouse } from '@/core/simulation/house/measured-house';
import { onScale } from '@/core/units/degrees';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../../degrees/degrees';
import { Chart } from '../../kit/chart';
import { plainChart, themeColor } from '../../theme/chart-colors';
import { useTheme } from '../../theme/theme';

/** Room temperature as logged and as fitted. Loaded on demand. */
const RoomChart = ({ house }: { house: MeasuredHouse }) => {
  const { theme } = useTheme();
  const { scale, unit } = useDegrees();
  const [ink, line, ember] = ['--ink', '--line', '--ember'].map(themeColor) as [string, string, string];
  const halves = Math.max(1, Math.ceil((house.hours.at(-1) ?? 0) / 12));
  const points = (values: readonly number[]) =>
    values.map((value, at) => ({ x: roundTo(house.hours[at]!, 2), y: roundTo(onScale(scale, value), 2) }));
  const options: ApexOptions = {
    chart: plainChart(ink),
    colors: [ink, ember],
    stroke: { width: [2, 2.5], dashArray: [0, 5] },
    grid: { borderColor: line },
    xaxis: {
      type: 'numeric',
      title: { text: 'hours' },
      decimalsInFloat: 0,
      min: 0,
      max: 12 * halves,
      tickAmount: halves,
    },
    yaxis: { title: { text: `Room, ${unit}` }, decimalsInFloat: 0, forceNiceScale: true },
    legend: { position: 'top', horizontalAlign: 'left' },
    tooltip: { shared: true, theme: theme === 'crawlspace' ? 'dark' : 'light' },
  };
  const series = [
    { name: 'Logged ——', data: points(house.measuredF) },
    { name: 'Fitted – – –', data: points(house.fittedF) },
  ];
  return <Chart key={theme + unit} type="line" height={320} series={series} options={options} />;
};

export default RoomChart;
