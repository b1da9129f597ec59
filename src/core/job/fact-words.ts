import { apartF, isDegreeUnit } from '../units/degrees';
import type { AnyFact } from './fact';

const number = (value: number) => value.toLocaleString('en-US', { maximumFractionDigits: 3 });

/** A fact's value in words, with unit or "none". */
export const factWords = (fact: AnyFact, value: unknown): string => {
  switch (fact.kind) {
    case 'number':
      if (value === null) return fact.none ?? 'none';
      if (fact.isShare) return `${number(100 * (value as number))} %`;
      return fact.isDifference && isDegreeUnit(fact.unit)
        ? fact.unit.replace('°F', apartF(number(value as number)))
        : `${number(value as number)}${fact.unit && ` ${fact.unit}`}`;
    case 'choice':
      return fact.options.find((option) => option.value === value)?.label ?? String(value);
    case 'flag':
      return value ? 'yes' : 'no';
    case 'text':
      return (value as string) || '—';
    case 'numbers':
      return (value as number[]).map((each) => `${number(each)} ${fact.unit}`).join(', ') || 'none';
    case 'records':
      return value === null
        ? (fact.none ?? 'none')
        : `${(value as unknown[]).length} ${fact.item}${(value as unknown[]).length === 1 ? '' : 's'}`;
    case 'table':
      return (
        (value as Record<string, number>[])
          .map((row) =>
            Object.entries(fact.columns)
              .map(([name, { unit, label }], at, columns) => {
                const isPlain = unit !== '' && columns.every(([, other], place) => place === at || other.unit !== unit);
                return `${isPlain ? '' : `${label.toLowerCase()} `}${number(row[name]!)}${unit && ` ${unit}`}`;
              })
              .join(' · '),
          )
          .join('; ') || 'none'
      );
  }
};
