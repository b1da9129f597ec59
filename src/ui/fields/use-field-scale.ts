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

/** A field's number: `OL` for an open circuit, null for empty. */
export type FieldNumber = number | 'OL' | null;

/** Decimals of a temperature typed on another scale. */
const CONVERTED_DECIMALS = 1;

/** Identifies a number typed in °C in stored unfinished text. */
const IN_C = ' °C';

/** Kind of a field's number, for display. */
export interface FieldKind {
  readonly unit: string;
  /** A temperature difference, not a temperature. */
  readonly isDifference?: boolean | undefined;
  /** Stored as a fraction, shown in percent. */
  readonly isShare?: boolean | undefined;
}

/** Digits of a displayed percentage, and of the stored fraction. */
const PERCENT_DECIMALS = 4;
const SHARE_DECIMALS = 6;

/** How a field displays and accepts its numbers: as stored, in °C, or a fraction in percent. */
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
    /** A typed number as stored; retyping the present number keeps it exactly. */
    stored: (typed: number, standing: FieldNumber): number => {
      if (!converts && !isShare) return typed;
      if (String(typed) === shown(standing)) return standing as number;
      return isShare ? roundTo(typed / 100, SHARE_DECIMALS) : back('C', typed);
    },
    /** A bound as displayed. */
    bound: (value: number): number => {
      if (isShare) return roundTo(100 * value, PERCENT_DECIMALS);
      return converts ? roundTo(out('C', value), CONVERTED_DECIMALS) : value;
    },
    /** A step as displayed. */
    step: (value: number): number => (isShare ? roundTo(100 * value, PERCENT_DECIMALS) : value),
    /** Stored form of typed text, with its scale. */
    keep: (text: string | null): string | null => (text !== null && converts ? `${text}${IN_C}` : text),
    /** Stored text on this scale, which may have changed since. */
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
