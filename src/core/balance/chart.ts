import { jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { banksWithCompressor } from '../job/interlocked-bank';
import { BTU_PER_KWH } from '../units/constants';
import type { SpanF } from '../units/span';
import { sum } from '../units/sum';
import { type Balance, balance } from './balance';
import { jobLoad } from './evidence';
import { balanceInput } from './from-job';
import { capacityCurve, copOf, isExtrapolated, ratedSpanF } from './heat-pump';
import { jobHeatPump, jobLowStage } from './job-heat-pump';
import { addCurves, type Curve, flatCurve } from './line';
import { loadCurve } from './load';
import { RULER_SPAN_F } from './range';

/** One corner of a line on the chart. */
export type ChartPoint = readonly [outdoorF: number, value: number];

export interface ChartLine {
  readonly id: string;
  readonly label: string;
  readonly source: 'load' | 'compressor' | 'strips' | 'fossil';
  /** Bold lines count; fine lines are for comparison. */
  readonly weight: 'bold' | 'fine';
  /** Whether the line follows the heat pump’s rating points and is extrapolated beyond them. */
  readonly isRated: boolean;
  readonly points: readonly ChartPoint[];
}

export interface ChartMark {
  readonly id: string;
  readonly label: string;
  readonly atF: number;
  /** Range of the mark, from the load band. */
  readonly bandF?: SpanF;
  /** Whether the mark is on lines extrapolated beyond the rating points. */
  readonly isDrawnOn?: boolean;
}

/** Data of the Balance chart. */
export interface BalanceChartData {
  readonly spanF: SpanF;
  /** Coldest and warmest rating point, °F; beyond them the heat pump lines are extrapolated. */
  readonly ratedF: SpanF;
  readonly mostBtuh: number;
  readonly lines: readonly ChartLine[];
  /** Minimum and maximum load at each corner of the load line. */
  readonly loadBand: readonly { readonly outdoorF: number; readonly lowBtuh: number; readonly highBtuh: number }[];
  /**
   * Area between minimum and maximum output of an inverter, as corners; null for a staged unit or if minimum speed is
   * unknown.
   */
  readonly range: readonly ChartPoint[] | null;
  readonly marks: readonly ChartMark[];
  readonly cop: readonly ChartPoint[];
  /** COP at which heat from fuel costs the same; null without fuel. */
  readonly copEven: number | null;
  readonly crossing: Balance;
}

/** A smaller step is rounding, Btu/h. */
const LEAST_STEP_BTUH = 1;
/** Headroom above the highest value. */
const HEADROOM = 1.12;
/** Standard rating temperature, °F. */
const RATED_F = 47;

/** Every curve is piecewise linear, so its corners (read from both sides of a step) define it. */
const corners = (curve: Curve, [fromF, toF]: SpanF): ChartPoint[] => {
  const inside = [...new Set(curve.breaksF.filter((breakF) => breakF > fromF && breakF < toF))].sort((a, b) => a - b);
  const near = 1e-6;
  const points = inside.flatMap((breakF): ChartPoint[] => {
    const [before, after] = [curve.at(breakF - near), curve.at(breakF + near)];
    const isStep = Math.abs(before - after) >= LEAST_STEP_BTUH;
    return isStep
      ? [
          [breakF, before],
          [breakF, after],
        ]
      : [[breakF, curve.at(breakF)]];
  });
  return [[fromF, curve.at(fromF)], ...points, [toF, curve.at(toF)]];
};

const numberOrNothing = (value: Balance['economicBalanceF']): readonly number[] =>
  typeof value === 'number' ? [value] : [];

/** The Balance chart of a job. */
export const balanceChart = (facts: Facts): BalanceChartData => {
  const spanF = RULER_SPAN_F;
  const input = balanceInput(facts);
  const { load, lowBtuh, highBtuh } = jobLoad(facts);
  const found = balance(input);
  const heatPump = jobHeatPump(facts);
  const low = jobLowStage(facts);
  const isInverter = facts.outdoorUnit.stages === 'inverter';
  const capacity = capacityCurve(heatPump);
  const cop = copOf(heatPump);
  const beside = banksWithCompressor(facts);
  const banks = jobBanks(facts);
  const stripsBtuh = (count: number) => sum(beside.slice(0, count).map(({ kW }) => kW * BTU_PER_KWH));
  const line = (
    id: string,
    label: string,
    source: ChartLine['source'],
    weight: ChartLine['weight'],
    curve: Curve,
  ): ChartLine => ({
    id,
    label,
    source,
    weight,
    isRated: source === 'compressor' || source === 'strips',
    points: corners(curve, spanF),
  });
  const lines: ChartLine[] = [
    ...(heatPump.frost
      ? [line('steady', 'without frost', 'compressor', 'fine', capacityCurve({ ...heatPump, frost: false }))]
      : []),
    ...(low ? [line('low', isInverter ? 'minimum speed' : 'low stage', 'compressor', 'fine', capacityCurve(low))] : []),
    line('capacity', low && !isInverter ? 'heat pump, high' : 'heat pump', 'compressor', 'bold', capacity),
    ...beside.map(({ bank }, at) =>
      line(`bank-${bank}`, `+ bank ${bank}`, 'strips', 'bold', addCurves(capacity, flatCurve(stripsBtuh(at + 1)))),
    ),
    ...(input.fuel ? [line('furnace', 'furnace', 'fossil', 'bold', flatCurve(input.fuel.outputBtuh))] : []),
    line('load', 'load', 'load', 'bold', loadCurve(load)),
  ];
  const [coldF] = spanF;
  const bandAt = (outdoorF: number) => ({
    outdoorF,
    lowBtuh: loadCurve({ ...load, designBtuh: lowBtuh }).at(outdoorF),
    highBtuh: loadCurve({ ...load, designBtuh: highBtuh }).at(outdoorF),
  });
  const balanceWith = (designBtuh: number) => balance({ ...input, load: { ...load, designBtuh } }).thermalBalanceF;
  const [lowBalanceF, highBalanceF] = [balanceWith(lowBtuh), balanceWith(highBtuh)];
  const designBtuh = capacity.at(load.designOutdoorF) + stripsBtuh(banks.length);
  return {
    spanF,
    ratedF: ratedSpanF(heatPump),
    // Everything important fits in the picture; the ends of a line may leave it.
    mostBtuh: HEADROOM * Math.max(highBtuh, designBtuh, capacity.at(RATED_F), input.fuel?.outputBtuh ?? 0),
    lines,
    range: low && isInverter ? [...corners(capacity, spanF), ...corners(capacityCurve(low), spanF).reverse()] : null,
    loadBand: [bandAt(coldF), bandAt(load.noLoadF)],
    marks: [
      ...(found.thermalBalanceF === null
        ? []
        : [
            {
              id: 'thermal-balance',
              label: 'balance point',
              atF: found.thermalBalanceF,
              isDrawnOn: isExtrapolated(heatPump, found.thermalBalanceF),
              ...(highBalanceF === null ? {} : { bandF: [lowBalanceF ?? coldF, highBalanceF] as const }),
            },
          ]),
      ...found.bankGatesF.flatMap((atF, index) =>
        index === 0 || atF === null
          ? []
          : [
              {
                id: `bank-${index + 1}`,
                label: `bank ${banks[index]!.bank} needed`,
                atF,
                isDrawnOn: isExtrapolated(heatPump, atF),
              },
            ],
      ),
      ...numberOrNothing(found.economicBalanceF).map((atF) => ({
        id: 'economic-balance',
        label: 'economic balance point',
        atF,
        isDrawnOn: isExtrapolated(heatPump, atF),
      })),
      { id: 'design', label: 'design', atF: load.designOutdoorF },
      ...(heatPump.minOutdoorF === null
        ? []
        : [{ id: 'unit-limit', label: 'low-temp cutoff', atF: heatPump.minOutdoorF }]),
      { id: 'no-load', label: 'no heat needed', atF: load.noLoadF },
    ],
    cop: Array.from({ length: spanF[1] - spanF[0] + 1 }, (_, at): ChartPoint => [spanF[0] + at, cop(spanF[0] + at)]),
    copEven: found.copEven ?? null,
    crossing: found,
  };
};
