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

/** What is behind a number that was typed in °C, while it is kept as typed. */
const IN_C = ' °C';

/** What a field's number is, for showing it. */
export interface FieldKind {
  readonly unit: string;
  /** A difference of temperatures, not a temperature. */
  readonly isDifference?: boolean | undefined;
  /** Stored as a fraction, shown in percent. */
  readonly isShare?: boolean | undefined;
}

/** Digits of a percentage as it is shown, and of the fraction that is stored for one. */
const PERCENT_DECIMALS = 4;
const SHARE_DECIMALS = 6;

/** How a field shows and takes its numbers: as they are stored, in °C, or a fraction in percent. */
export const useFieldScale = ({ unit, isDifference = false, isShare = false }: FieldKind) => {
  const { scale, say } = useDegrees();
  const converts = scale === 'C' && isDegreeUnit(unit);
  const [out, back] = isDifference ? [apartOnScale, apartFromScale] : [onScale, fromScale];
  const shown = (value: FieldNumber): string => {
    if (value === null) return '';
    if (typeof value !== 'number') return value;
    if (isShare) return String(roundTo(100 * value, PERCENT_DECIMALS));
    return converts ? degreesText(out('C', value), CONVERTED_DECIMALS) : String(value);
  };
  return {
    unit: converts ? unitOn('C', unit) : unit,
    shown,
    say,
    /** A typed number as it is stored; the number already in the field stays exactly what it is. */
    stored: (typed: number, standing: FieldNumber): number => {
      if (!converts && !isShare) return typed;
      if (String(typed) === shown(standing)) return standing as number;
      return isShare ? roundTo(typed / 100, SHARE_DECIMALS) : back('C', typed);
    },
    /** A bound as the field shows it. */
    bound: (value: number): number => {
      if (isShare) return roundTo(100 * value, PERCENT_DECIMALS);
      return converts ? roundTo(out('C', value), CONVERTED_DECIMALS) : value;
    },
    /** A step as the field takes it. */
    step: (value: number): number => (isShare ? roundTo(100 * value, PERCENT_DECIMALS) : value),
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
