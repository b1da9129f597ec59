import { plainTextProblem } from '../border/text';
import type { AnyFact, RecordsFact, TableFact } from './fact';

/** What is wrong with a value, and where in it: empty for the whole, else `[2].watts`. */
export interface FactError {
  readonly at: string;
  readonly error: string;
}

const whole = (error: string): FactError => ({ at: '', error });

interface Bounds {
  readonly min: number;
  readonly max: number;
  readonly unit: string;
  /** Stored as a fraction, whatever unit is displayed. */
  readonly isShare?: boolean;
}

const numberProblem = (value: unknown, { min, max, unit, isShare = false }: Bounds): string | null => {
  const withUnit = unit && !isShare ? ` ${unit}` : '';
  if (value === undefined || value === null) return 'must be given';
  if (typeof value !== 'number' || Number.isNaN(value))
    return isShare ? 'must be a fraction of 1, such as 0.95' : `must be a number${unit && ` (${unit})`}`;
  if (!Number.isFinite(value)) return 'must be a finite number';
  if (value < min) return `must be at least ${min}${withUnit}`;
  return value > max ? `must be at most ${max}${withUnit}` : null;
};

const textProblem = (value: unknown, maxLength: number): string | null =>
  typeof value === 'string' ? plainTextProblem(value, maxLength) : 'must be text';

/** The first invalid item of a list. */
const firstWrong = <T>(parts: readonly T[], problem: (part: T, at: number) => FactError | null): FactError | null => {
  for (const [at, part] of parts.entries()) {
    const wrong = problem(part, at);
    if (wrong) return wrong;
  }
  return null;
};

const isRow = (row: unknown): row is Readonly<Record<string, unknown>> =>
  typeof row === 'object' && row !== null && !Array.isArray(row);

const rowProblem = (
  columns: TableFact['columns'] | RecordsFact['columns'],
  row: unknown,
  at: number,
  cellProblem: (name: string, cell: unknown) => string | null,
): FactError | null => {
  if (!isRow(row)) return { at: `[${at}]`, error: 'must be a row' };
  if (Object.keys(row).some((name) => !Object.hasOwn(columns, name)))
    return { at: `[${at}]`, error: 'contains an unknown column' };
  return firstWrong(Object.keys(columns), (name) => {
    const error = cellProblem(name, row[name]);
    return error === null ? null : { at: `[${at}].${name}`, error };
  });
};

const countProblem = (list: readonly unknown[], least: number, most: number): FactError | null => {
  if (list.length < least) return whole(`must have at least ${least}`);
  return list.length > most ? whole(`must have no more than ${most}`) : null;
};

const recordsProblem = (fact: RecordsFact, value: unknown): FactError | null => {
  if (value === null && fact.none !== undefined) return null;
  if (!Array.isArray(value)) return whole(fact.none === undefined ? 'must be a list' : 'must be a list, or null');
  return (
    countProblem(value, 0, fact.most) ??
    firstWrong(value, (row, at) =>
      rowProblem(fact.columns, row, at, (name, cell) => textProblem(cell, fact.columns[name]!)),
    )
  );
};

const tableProblem = ({ columns, least, most, distinct }: TableFact, value: unknown): FactError | null => {
  if (!Array.isArray(value)) return whole('must be a list of rows');
  const cell = (name: string, given: unknown) => {
    const column = columns[name]!;
    const problem = numberProblem(given, column);
    const isCount = column.step === 1 && column.unit === '';
    return problem ?? (isCount && !Number.isInteger(given) ? 'must be a whole number' : null);
  };
  const wrong = countProblem(value, least, most) ?? firstWrong(value, (row, at) => rowProblem(columns, row, at, cell));
  if (wrong || distinct === undefined) return wrong;
  const isDistinct = new Set(value.map((row: Readonly<Record<string, number>>) => row[distinct])).size === value.length;
  return isDistinct ? null : whole(`two rows have the same ${columns[distinct]!.label.toLowerCase()}`);
};

/** What is wrong with a fact's value; null if nothing. Nothing is converted: a number in quotes is not a number. */
export const factError = (fact: AnyFact, value: unknown): FactError | null => {
  switch (fact.kind) {
    case 'number': {
      if (fact.none !== undefined && value === null) return null;
      if (fact.none !== undefined && value === undefined) return whole('must be given, or null');
      const error = numberProblem(value, fact);
      return error === null ? null : whole(error);
    }
    case 'choice':
      if (value === undefined || value === null) return whole('must be chosen');
      return fact.options.some((option) => option.value === value)
        ? null
        : whole(`must be one of ${fact.options.map(({ label }) => label).join(', ')}`);
    case 'flag':
      return typeof value === 'boolean' ? null : whole('must be true or false');
    case 'text': {
      const error = textProblem(value, fact.maxLength);
      return error === null ? null : whole(error);
    }
    case 'numbers':
      if (!Array.isArray(value)) return whole('must be a list');
      return (
        countProblem(value, fact.least, fact.most) ??
        firstWrong(value, (each, at) => {
          const error = numberProblem(each, fact);
          return error === null ? null : { at: `[${at}]`, error };
        })
      );
    case 'records':
      return recordsProblem(fact, value);
    case 'table':
      return tableProblem(fact, value);
  }
};
