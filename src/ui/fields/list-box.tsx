'use client';

import { Minus, Plus } from 'lucide-react';
import type { NumbersFact, TableColumn, TableFact } from '@/core/job/fact';
import { NumberBox } from './number-box';

type Row = Record<string, number>;

interface RowsProps {
  readonly name: string;
  readonly fact: TableFact | NumbersFact;
  readonly columns: readonly (TableColumn & { readonly name: string })[];
  readonly rows: readonly Row[];
  readonly newRow: Row;
  readonly checkRow: (rows: readonly Row[]) => string | null;
  readonly onCommit: (rows: readonly Row[]) => void;
}

const Rows = ({ name: whole, fact, columns, rows, newRow, checkRow, onCommit }: RowsProps) => {
  const { label, item, least, most } = fact;
  const replaced = (at: number, name: string, value: number) =>
    rows.map((row, index) => (index === at ? { ...row, [name]: value } : row));
  return (
    <fieldset className="min-w-0">
      <legend className="eyebrow">{label}</legend>
      {columns.length > 1 && rows.length > 0 && (
        <div
          aria-hidden
          className="hidden gap-1.5 pr-12 pl-6 text-sm text-quiet sm:grid sm:auto-cols-fr sm:grid-flow-col"
        >
          {columns.map((column) => (
            <span key={column.name}>{column.label}</span>
          ))}
        </div>
      )}
      <ol className="space-y-2">
        {rows.map((row, at) => (
          // Rows are identified only by position.
          <li key={`${at} of ${rows.length}`} className="flex items-start gap-1.5">
            <span aria-hidden className="w-4 pt-3 font-mono text-sm text-quiet">
              {at + 1}
            </span>
            <span className="grid min-w-0 flex-1 gap-1.5 sm:auto-cols-fr sm:grid-flow-col">
              {columns.map((column) => (
                <span key={column.name} className="min-w-0">
                  <NumberBox
                    name={`${whole} ${at} ${column.name}`}
                    label={`${column.label} of ${item} ${at + 1}`}
                    hidesLabel={columns.length > 1 ? 'wide' : true}
                    value={row[column.name]!}
                    unit={column.unit}
                    step={column.step}
                    min={column.min}
                    max={column.max}
                    maxWhy={column.maxWhy}
                    check={(value) => (typeof value === 'number' ? checkRow(replaced(at, column.name, value)) : null)}
                    onCommit={(value) => typeof value === 'number' && onCommit(replaced(at, column.name, value))}
                  />
                </span>
              ))}
            </span>
            <button
              type="button"
              className="bare-button"
              disabled={rows.length <= least}
              aria-label={`Remove ${item} ${at + 1}`}
              onClick={() => onCommit(rows.filter((_, index) => index !== at))}
            >
              <Minus size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="bare-button mt-1 px-2 text-sm"
        disabled={rows.length >= most}
        onClick={() => onCommit([...rows, newRow])}
      >
        <Plus size={18} aria-hidden /> Add {item}
      </button>
    </fieldset>
  );
};

/** A unique value for a new row. */
const distinctRow = (fact: TableFact, rows: readonly Row[]): Row => {
  const { distinct, newRow } = fact;
  if (distinct === undefined) return rows.at(-1) ?? newRow;
  const column = fact.columns[distinct]!;
  let value = newRow[distinct]!;
  while (rows.some((row) => row[distinct] === value) && value > column.min) value -= column.step;
  return { ...newRow, [distinct]: value };
};

interface ListProps<F, T> {
  readonly name: string;
  readonly fact: F;
  readonly value: readonly T[];
  readonly check: (value: unknown) => string | null;
  readonly onCommit: (value: readonly T[]) => void;
}

/** A small table of numbers: rating points, elements. */
export const TableBox = ({ name, fact, value, check, onCommit }: ListProps<TableFact, Row>) => (
  <Rows
    name={name}
    fact={fact}
    columns={Object.entries(fact.columns).map(([name, column]) => ({ name, ...column }))}
    rows={value}
    newRow={distinctRow(fact, value)}
    checkRow={check}
    onCommit={onCommit}
  />
);

/** A list of like numbers: breakers. */
export const NumbersBox = ({ name, fact, value, check, onCommit }: ListProps<NumbersFact, number>) => {
  const plain = (rows: readonly Row[]) => rows.map((row) => row.each!);
  return (
    <Rows
      name={name}
      fact={fact}
      columns={[{ name: 'each', label: fact.label, unit: fact.unit, min: fact.min, max: fact.max, step: fact.step }]}
      rows={value.map((each) => ({ each }))}
      newRow={{ each: value.at(-1) ?? fact.assumed[0] ?? fact.min }}
      checkRow={(rows) => check(plain(rows))}
      onCommit={(rows) => onCommit(plain(rows))}
    />
  );
};
