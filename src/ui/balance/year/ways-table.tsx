'use client';

import { Pencil } from 'lucide-react';
import type { Year } from '@/core/balance/year/year-sums';
import type { ComparedPlan } from '@/core/setup/ways/compare';
import type { Degrees } from '@/core/units/degrees';
import { LocalizedDegrees, useDegrees } from '../../degrees/degrees';
import { Scroller } from '../../kit/scroller';

const whole = (value: number) => Math.round(value).toLocaleString('en-US');

interface Measure {
  readonly label: string;
  readonly unit: string;
  /** Whether it is a temperature, °F. */
  readonly isDegrees?: true;
  readonly of: (year: Year) => number | null;
  readonly best: 'lowest' | 'highest';
  readonly isShown: (compared: readonly ComparedPlan[]) => boolean;
}

const always = () => true;
const somewhere = (of: Measure['of']) => (compared: readonly ComparedPlan[]) =>
  compared.some(({ year }) => (of(year) ?? 0) > 0);

const MEASURES: readonly Measure[] = [
  { label: 'Cost', unit: '$/yr', of: ({ cost }) => cost, best: 'lowest', isShown: always },
  {
    label: 'Strips',
    unit: 'h',
    of: ({ stripHours }) => stripHours,
    best: 'lowest',
    isShown: somewhere(({ stripsKWh }) => stripsKWh),
  },
  {
    label: 'Strips',
    unit: 'kWh',
    of: ({ stripsKWh }) => stripsKWh,
    best: 'lowest',
    isShown: somewhere(({ stripsKWh }) => stripsKWh),
  },
  {
    label: 'Furnace',
    unit: 'h',
    of: ({ furnaceHours }) => furnaceHours,
    best: 'lowest',
    isShown: somewhere(({ furnaceHours }) => furnaceHours),
  },
  { label: 'Shortfall', unit: 'h', of: ({ shortHours }) => shortHours, best: 'lowest', isShown: always },
  {
    label: 'Coldest air at the register',
    unit: '°F',
    isDegrees: true,
    of: ({ coldestSupplyF }) => coldestSupplyF,
    best: 'highest',
    isShown: always,
  },
  { label: 'Compressor starts', unit: '', of: ({ starts }) => starts, best: 'lowest', isShown: always },
  {
    label: 'CO₂',
    unit: 'kg',
    of: ({ co2Kg }) => co2Kg,
    best: 'lowest',
    isShown: (compared) => compared.some(({ year }) => year.co2Kg !== null),
  },
];

const gateWords = ({ compressorBelowF, auxAboveF }: ComparedPlan, { figure }: Degrees) =>
  [
    compressorBelowF === null ? 'no compressor lockout' : `compressor locked out below ${figure(compressorBelowF)}`,
    auxAboveF === null ? 'no backup lockout' : `backup locked out above ${figure(auxAboveF)}`,
  ].join('; ');

interface WaysTableProps {
  readonly compared: readonly ComparedPlan[];
  readonly onTake: (compared: ComparedPlan) => void;
  readonly onEdit: (at: number) => void;
}

/** Lockout plans side by side, the present settings first; the best of each measure is marked. */
export const PlansTable = ({ compared, onTake, onEdit }: WaysTableProps) => {
  const degrees = useDegrees();
  const leastShort = Math.min(...compared.map(({ year }) => year.shortHours));
  return (
    <Scroller label="Plans side by side">
      <table className="w-full border-collapse text-sm" style={{ minWidth: 130 * (compared.length + 1) }}>
        <thead>
          <tr className="align-top">
            <td className="sticky left-0 z-10 w-32 bg-paper" />
            {compared.map((each, at) => (
              <th
                key={at}
                scope="col"
                className={`w-36 border-l border-line px-2 pb-2 text-left font-normal ${each.way === null ? 'bg-sheet' : ''}`}
              >
                <span className="block font-label text-base leading-tight font-semibold">
                  <LocalizedDegrees>{each.name}</LocalizedDegrees>
                </span>
                <span className="block text-xs text-quiet">{gateWords(each, degrees)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {MEASURES.filter(({ isShown }) => isShown(compared)).map(({ label, unit, isDegrees, of, best }) => {
            const values = compared.map(({ year }) => of(year));
            // A plan with a shortfall does not win by heat it does not give.
            const known = values.flatMap((value, at) =>
              value === null || compared[at]!.year.shortHours > leastShort ? [] : [value],
            );
            const goal = best === 'lowest' ? Math.min(...known) : Math.max(...known);
            const isTold = values.some((value) => value !== null && Math.round(value) !== Math.round(goal));
            return (
              <tr key={label + unit} className="border-t border-line">
                <th scope="row" className="sticky left-0 z-10 bg-paper py-2 pr-2 text-left font-normal">
                  {label} <span className="text-xs text-quiet">{isDegrees ? degrees.unit : unit}</span>
                </th>
                {values.map((value, at) => {
                  const isBest =
                    isTold &&
                    value !== null &&
                    compared[at]!.year.shortHours === leastShort &&
                    Math.round(value) === Math.round(goal);
                  return (
                    <td
                      key={at}
                      className={`border-l border-line px-2 font-mono ${compared[at]!.way === null ? 'bg-sheet' : ''}`}
                    >
                      <span className={isBest ? 'border-b-2 border-pass font-semibold' : ''}>
                        {value === null ? '–' : isDegrees ? degrees.figure(value, 0) : whole(value)}
                      </span>
                      {isBest && <span className="sr-only"> {best}</span>}
                    </td>
                  );
                })}
              </tr>
            );
          })}
          <tr className="border-t border-line">
            <td className="sticky left-0 z-10 bg-paper" />
            {compared.map((each, at) => (
              <td key={at} className={`border-l border-line px-2 py-2 ${each.way === null ? 'bg-sheet' : ''}`}>
                {each.way !== null && (
                  <span className="flex flex-wrap items-center gap-1">
                    {each.isTaken ? (
                      <span className="flex min-h-11 items-center font-medium text-pass">✓ in use</span>
                    ) : (
                      <button
                        type="button"
                        className="plain-button px-3"
                        aria-label={`Use this in Setup: ${degrees.say(each.name)}`}
                        onClick={() => onTake(each)}
                      >
                        Use this
                      </button>
                    )}
                    <button
                      type="button"
                      className="bare-button"
                      aria-label={`Change ${degrees.say(each.name)}`}
                      onClick={() => onEdit(at - 1)}
                    >
                      <Pencil size={16} aria-hidden />
                    </button>
                  </span>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </Scroller>
  );
};
