'use client';

import type { SimulatedDay } from '@/core/simulation/day/simulated-days';
import { FUEL_UNIT } from '@/core/units/constants';
import { apartOnScale, type Degrees } from '@/core/units/degrees';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { Scroller } from '../kit/scroller';

interface Measure {
  readonly label: string;
  readonly unit: (degrees: Degrees, fuel: string) => string;
  readonly of: (lived: SimulatedDay, degrees: Degrees) => number | null;
  readonly decimals: number;
  readonly best: 'lowest' | 'highest' | null;
  readonly isShown?: (lived: readonly SimulatedDay[]) => boolean;
}

const plain = (unit: string) => () => unit;

const MEASURES: readonly Measure[] = [
  { label: 'Cost', unit: plain('$'), of: ({ summary }) => summary.cost.total, decimals: 2, best: 'lowest' },
  { label: 'Electricity', unit: plain('kWh'), of: ({ summary }) => summary.cost.kWh, decimals: 1, best: 'lowest' },
  {
    label: 'In peak hours',
    unit: plain('kWh'),
    of: ({ summary }) => summary.cost.peakHoursKWh,
    decimals: 1,
    best: 'lowest',
    isShown: (lived) => lived.some(({ tariff }) => tariff.peak !== null),
  },
  {
    label: 'Peak 15 minutes',
    unit: plain('kW'),
    of: ({ summary }) => summary.cost.peakKW,
    decimals: 1,
    best: 'lowest',
  },
  {
    label: 'Demand charge',
    unit: plain('$ a month'),
    of: ({ summary }) => summary.cost.demandAMonth,
    decimals: 2,
    best: 'lowest',
    isShown: (lived) => lived.some(({ summary }) => summary.cost.demandAMonth !== null),
  },
  {
    label: 'Fuel',
    unit: (_, fuel) => fuel,
    of: ({ summary }) => summary.cost.fuelUnits,
    decimals: 2,
    best: 'lowest',
    isShown: (lived) => lived.some(({ summary }) => summary.cost.fuelUnits > 0),
  },
  {
    label: 'Degree-hours below setpoint',
    unit: ({ unit }) => `${unit} × h`,
    of: ({ summary }, { scale }) => apartOnScale(scale, summary.degreeHoursShort),
    decimals: 1,
    best: 'lowest',
  },
  {
    label: 'Lowest room temperature',
    unit: ({ unit }) => unit,
    of: ({ summary }, degrees) => Number(degrees.figure(summary.leastRoomF, 1)),
    decimals: 1,
    best: 'highest',
  },
  {
    label: 'Cold air at the register',
    unit: plain('min'),
    of: ({ summary }) => summary.coldAirMin,
    decimals: 0,
    best: 'lowest',
  },
  { label: 'Compressor starts', unit: plain(''), of: ({ summary }) => summary.starts, decimals: 0, best: 'lowest' },
  {
    label: 'Strips',
    unit: plain('h'),
    of: ({ summary }) => summary.stripsHours,
    decimals: 1,
    best: 'lowest',
    isShown: (lived) => lived.some(({ summary }) => summary.stripsHours > 0),
  },
  {
    label: 'Furnace',
    unit: plain('h'),
    of: ({ summary }) => summary.furnaceHours,
    decimals: 1,
    best: null,
    isShown: (lived) => lived.some(({ summary }) => summary.furnaceHours > 0),
  },
  { label: 'Defrosts', unit: plain(''), of: ({ summary }) => summary.defrosts, decimals: 0, best: null },
];

/** A run in figures, or several side by side: cost, comfort, equipment use. */
export const VariantsCompared = ({
  lived,
  differences,
}: {
  lived: readonly SimulatedDay[];
  differences: readonly (readonly string[])[];
}) => {
  const degrees = useDegrees();
  const fuel = useJob((job) => `${FUEL_UNIT[job.facts.furnace.fuel]}s`);
  const isOne = lived.length === 1;
  return (
    <section aria-label={isOne ? 'Figures' : 'Plans side by side'}>
      <h2 className="section-head">{isOne ? 'Figures' : 'Side by side'}</h2>
      <Scroller label="Figures of each way">
        <table className="w-full border-collapse text-sm" style={{ minWidth: isOne ? 0 : 110 * (lived.length + 1) }}>
          {!isOne && (
            <thead>
              <tr className="align-bottom">
                <td className="sticky left-0 z-10 bg-paper" />
                {lived.map(({ id, label }) => (
                  <th
                    key={id}
                    scope="col"
                    className="px-2 py-1 text-left font-label text-base leading-tight font-semibold"
                  >
                    <LocalizedDegrees>{label}</LocalizedDegrees>
                  </th>
                ))}
              </tr>
            </thead>
          )}
          <tbody>
            {MEASURES.filter(({ isShown }) => isShown?.(lived) ?? true).map((measure) => {
              const values = lived.map((each) => measure.of(each, degrees));
              const texts = values.map((value) => (value === null ? '–' : value.toFixed(measure.decimals)));
              const known = values.filter((value) => value !== null);
              const goal = measure.best === 'highest' ? Math.max(...known) : Math.min(...known);
              const isTold = !isOne && measure.best !== null && new Set(texts).size > 1;
              return (
                <tr key={measure.label} className="border-t border-line">
                  <th scope="row" className="sticky left-0 z-10 bg-paper py-1.5 pr-2 text-left font-normal">
                    {measure.label} <span className="text-xs text-quiet">{measure.unit(degrees, fuel)}</span>
                  </th>
                  {texts.map((text, at) => {
                    const isBest = isTold && text === goal.toFixed(measure.decimals);
                    return (
                      <td key={lived[at]!.id} className={`px-2 font-mono ${isOne ? 'text-right' : ''}`}>
                        <span className={isBest ? 'border-b-2 border-pass font-semibold' : ''}>{text}</span>
                        {isBest && <span className="sr-only"> {measure.best}</span>}
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </table>
      </Scroller>
      {lived.slice(1).map(({ id, label, about }, at) => (
        <p key={id} className="mt-2 border-l-4 border-ink pl-3">
          <span className="font-semibold">
            <LocalizedDegrees>{label}</LocalizedDegrees>.
          </span>{' '}
          <LocalizedDegrees>{[about, ...(differences[at + 1] ?? [])].join(' ')}</LocalizedDegrees>
        </p>
      ))}
    </section>
  );
};
