'use client';

import type { ApexOptions } from 'apexcharts';
import { supplyAtCfm, type SupplyState } from '@/core/balance/supply-states';
import { backupOf } from '@/core/job/backup';
import type { Facts } from '@/core/job/document';
import { onScale } from '@/core/units/degrees';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../../degrees/degrees';
import { Chart } from '../../kit/chart';
import { plainChart, sourceColor, themeColor } from '../../theme/chart-colors';

interface AirflowChartProps {
  readonly facts: Facts;
  readonly states: readonly SupplyState[];
  readonly roomF: number;
}

const SHARES = [0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3];
/** Lines differ by dashes, not only by color; the legend explains them. */
const DASHES = [0, 6, 2, 10, 4] as const;
const DASH_WORDS = ['——', '– – –', '·····', '—  —', '- - -'] as const;

/** Register air in each state against airflow: less airflow, hotter air, up to where a limit opens. */
const AirflowChart = ({ facts, states, roomF }: AirflowChartProps) => {
  const { scale, unit } = useDegrees();
  const setCfm = facts.airHandler.heatCfm;
  const [ink, line] = ['--ink', '--line'].map(themeColor) as [string, string];
  const series = states.map((state) => ({
    name: state.label,
    data: SHARES.map((share) => ({
      x: Math.round(setCfm * share),
      y: roundTo(onScale(scale, supplyAtCfm(facts, state, setCfm * share, roomF)), 1),
    })),
  }));
  const options: ApexOptions = {
    chart: plainChart(ink),
    colors: states.map(({ source }) => sourceColor(source)),
    stroke: { width: 2.5, dashArray: states.map((_, at) => DASHES[at % DASHES.length]!) },
    grid: { borderColor: line },
    xaxis: { type: 'numeric', title: { text: 'CFM' }, decimalsInFloat: 0 },
    yaxis: {
      title: { text: `${unit} at the register` },
      decimalsInFloat: 0,
      min: (least) => Math.floor(least / 20) * 20,
      forceNiceScale: true,
    },
    annotations: {
      xaxis: [
        {
          x: setCfm,
          borderColor: ink,
          label: { text: 'set for heating', style: { background: 'transparent', color: ink } },
        },
        ...(backupOf(facts) === 'strips'
          ? [
              {
                x: facts.heatKit.minCfm,
                borderColor: ink,
                strokeDashArray: 6,
                label: { text: 'kit minimum', style: { background: 'transparent', color: ink } },
              },
            ]
          : []),
      ],
      yaxis:
        facts.airHandler.maxSupplyF === null
          ? []
          : [
              {
                y: onScale(scale, facts.airHandler.maxSupplyF),
                borderColor: ink,
                label: { text: 'label maximum', style: { background: 'transparent', color: ink } },
              },
            ],
    },
    legend: {
      position: 'top',
      horizontalAlign: 'left',
      formatter: (name, { seriesIndex }) => `${name} ${DASH_WORDS[seriesIndex % DASH_WORDS.length]}`,
    },
    tooltip: { shared: true, x: { formatter: (value: number) => `${value} CFM` } },
  };
  return <Chart type="line" height={340} series={series} options={options} />;
};

export default AirflowChart;
