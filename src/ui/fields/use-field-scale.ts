'use client';

import {
  apartFromScale,
  apartOnScale,
  degreesText,
  fromScale,
  isDegreeUnit,
  onScale,
  unitOn,
} from '@/core/units/degrees';
import { parseTyped } from '@/core/units/parse-number';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../degrees/degrees';

/** A number as a field holds it: `OL` for an open circuit, null for nothing. */
export type FieldNumber = number | 'OL' | null;

/** Decimals that a temperature typed on another scale is shown with. */
const CONVERTED_DECIMALS = 1;

/** What stands behind a number that was typed in °C, while it is kept as typed. */
const IN_C = ' °C';

/** How a field shows and takes its numbers: as they are stored, or in °C. */
export const useFieldScale = (unit: string, isDifference = false) => {
  const { scale, say } = useDegrees();
  const converts = scale === 'C' && isDegreeUnit(unit);
  const [out, back] = isDifference ? [apartOnScale, apartFromScale] : [onScale, fromScale];
  const shown = (value: FieldNumber): string =>
    value === null
      ? ''
      : converts && typeof value === 'number'
        ? degreesText(out('C', value), CONVERTED_DECIMALS)
        : String(value);
  return {
    unit: converts ? unitOn('C', unit) : unit,
    shown,
    say,
    /** A number as it was typed here, as it is stored; what stands in the field already stays exactly what it is. */
    stored: (typed: number, standing: FieldNumber): number => {
      if (!converts) return typed;
      return String(typed) === shown(standing) ? (standing as number) : back('C', typed);
    },
    /** The nearest number that a field of this scale steps to. */
    bound: (value: number): number => (converts ? roundTo(out('C', value), CONVERTED_DECIMALS) : value),
    /** What is kept of keys pressed, with the scale that they were pressed on. */
    keep: (text: string | null): string | null => (text !== null && converts ? `${text}${IN_C}` : text),
    /** What was kept, on this scale: the scale may have been changed since. */
    recall: (kept: string | null): string | null => {
      if (kept === null || !isDegreeUnit(unit)) return kept;
      const wasInC = kept.endsWith(IN_C);
      const text = wasInC ? kept.slice(0, -IN_C.length) : kept;
      const parsed = parseTyped(text);
      if (wasInC === converts || parsed.kind !== 'number') return text;
      return converts ? shown(parsed.value) : degreesText(back('C', parsed.value), CONVERTED_DECIMALS);
    },
  };
};
