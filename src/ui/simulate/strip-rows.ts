import { backupOf } from '@/core/job/backup';
import type { Facts } from '@/core/job/document';
import { kitRows } from '@/core/job/kit-rows';
import type { DayTrace } from '@/core/simulation/day/day';
import { apartOnScale, type Degrees } from '@/core/units/degrees';
import { SOURCE_COLOR } from '../theme/source-colors';

/** A lane of the strip: a source, and its output. */
export interface LaneRow {
  readonly kind: 'lane';
  readonly id: string;
  readonly label: string;
  readonly colour: string;
  readonly levels: (trace: DayTrace) => ArrayLike<number>;
  readonly most: number;
  /** Its state at a tick, in a word or two. */
  readonly says: (trace: DayTrace, tick: number) => string;
}

/** A curve of the strip. */
export interface CurveRow {
  readonly kind: 'curve';
  readonly id: string;
  readonly label: string;
  readonly heightPx: number;
  readonly unit: string;
  readonly lines: readonly {
    readonly id: string;
    readonly colour: string;
    readonly isDashed?: boolean;
    readonly values: (trace: DayTrace) => Float64Array;
  }[];
  readonly isTemperature: boolean;
  /** Whether it is a temperature difference. */
  readonly isApart?: boolean;
  readonly decimals: number;
  /** Minimum span of the scale, so that a flat line stays flat. */
  readonly leastSpan: number;
}

export type StripRow = LaneRow | CurveRow;

const flags = (list: readonly boolean[]): number[] => list.map(Number);

/** What a thermostat has learned, shown if it learns. */
export const LEARNED_ROW: CurveRow = {
  kind: 'curve',
  id: 'learned',
  label: 'Learned',
  heightPx: 34,
  unit: '°F',
  isTemperature: false,
  isApart: true,
  decimals: 1,
  leastSpan: 1,
  lines: [{ id: 'learned', colour: 'var(--ember)', values: ({ shiftF }) => shiftF }],
};

/** Rows of a job's strip, from heat sources to cost. */
export const stripRows = (facts: Facts): readonly StripRow[] => {
  const banks = new Set(kitRows(facts).map(({ bank }) => bank)).size;
  const isFossil = backupOf(facts) === 'fossil';
  return [
    {
      kind: 'lane',
      id: 'compressor',
      label: 'Compressor',
      colour: SOURCE_COLOR.compressor,
      levels: ({ compressorStage }) => compressorStage,
      most: facts.outdoorUnit.stages === 'two' ? 2 : 1,
      says: ({ compressorStage }, tick) => {
        const stage = compressorStage[tick]!;
        if (stage === 0) return 'off';
        if (facts.outdoorUnit.stages === 'inverter') return `${Math.round(stage * 100)} %`;
        return facts.outdoorUnit.stages === 'two' ? (stage === 2 ? 'high' : 'low') : 'on';
      },
    },
    ...(isFossil
      ? [
          {
            kind: 'lane',
            id: 'furnace',
            label: 'Furnace',
            colour: SOURCE_COLOR.fossil,
            levels: ({ furnaceStage }) => furnaceStage,
            most: 1,
            says: ({ furnaceStage }, tick) => (furnaceStage[tick]! > 0 ? 'burning' : 'off'),
          } satisfies LaneRow,
        ]
      : []),
    ...(banks > 0
      ? [
          {
            kind: 'lane',
            id: 'strips',
            label: 'Strips',
            colour: SOURCE_COLOR.strips,
            levels: ({ banksOn }) => banksOn,
            most: banks,
            says: ({ banksOn }, tick) => (banksOn[tick]! === 0 ? 'off' : `${banksOn[tick]} of ${banks}`),
          } satisfies LaneRow,
        ]
      : []),
    {
      kind: 'lane',
      id: 'defrost',
      label: 'Defrost',
      colour: SOURCE_COLOR.defrost,
      levels: ({ inDefrost }) => flags(inDefrost),
      most: 1,
      says: ({ inDefrost }, tick) => (inDefrost[tick] ? 'on' : 'off'),
    },
    {
      kind: 'curve',
      id: 'room',
      label: 'Room',
      heightPx: 92,
      unit: '°F',
      isTemperature: true,
      decimals: 1,
      leastSpan: 4,
      lines: [
        { id: 'setpoint', colour: 'var(--quiet)', isDashed: true, values: ({ setpointF }) => setpointF },
        { id: 'room', colour: 'var(--ink)', values: ({ roomF }) => roomF },
      ],
    },
    {
      kind: 'curve',
      id: 'outdoor',
      label: 'Outdoors',
      heightPx: 52,
      unit: '°F',
      isTemperature: true,
      decimals: 0,
      leastSpan: 10,
      lines: [{ id: 'outdoor', colour: 'var(--ink)', values: ({ outdoorF }) => outdoorF }],
    },
    {
      kind: 'curve',
      id: 'supply',
      label: 'Supply air',
      heightPx: 52,
      unit: '°F',
      isTemperature: true,
      decimals: 0,
      leastSpan: 20,
      lines: [{ id: 'supply', colour: SOURCE_COLOR.blower, values: ({ supplyF }) => supplyF }],
    },
    {
      kind: 'curve',
      id: 'frost',
      label: 'Frost',
      heightPx: 40,
      unit: 'lb',
      isTemperature: false,
      decimals: 2,
      leastSpan: 0.5,
      lines: [{ id: 'frost', colour: SOURCE_COLOR.defrost, values: ({ frostLb }) => frostLb }],
    },
    {
      kind: 'curve',
      id: 'power',
      label: 'Power',
      heightPx: 44,
      unit: 'kW',
      isTemperature: false,
      decimals: 1,
      leastSpan: 2,
      lines: [{ id: 'power', colour: 'var(--ink)', values: ({ kW }) => kW }],
    },
  ];
};

/** A curve's value as a bare figure. */
export const curveFigure = ({ isTemperature, isApart, decimals }: CurveRow, value: number, degrees: Degrees): string =>
  isTemperature
    ? degrees.figure(value, decimals)
    : (isApart ? apartOnScale(degrees.scale, value) : value).toFixed(decimals);

/** A curve's value on the displayed scale. */
export const curveText = (row: CurveRow, value: number, degrees: Degrees): string =>
  row.isTemperature
    ? degrees.text(value, row.decimals)
    : `${curveFigure(row, value, degrees)} ${row.isApart ? degrees.unit : row.unit}`;
