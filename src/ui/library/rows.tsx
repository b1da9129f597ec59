'use client';

import { Plus, Trash2 } from 'lucide-react';
import { Field } from './fields';

interface RowsProps<Row> {
  readonly title: string;
  readonly item: string;
  readonly rows: readonly Row[];
  readonly newRow: Row;
  readonly columns: readonly {
    readonly label: string;
    readonly isNumber?: boolean;
    readonly read: (row: Row) => string;
    readonly write: (row: Row, text: string) => Row;
  }[];
  readonly onChange: (rows: readonly Row[]) => void;
}

/** A short editable list: delays, scopes, switch banks, jumper blocks. */
export const Rows = <Row,>({ title, item, rows, newRow, columns, onChange }: RowsProps<Row>) => (
  <fieldset>
    <legend className="font-label text-lg font-semibold">{title}</legend>
    {rows.map((row, at) => (
      <div key={at} className="mb-1 flex items-end gap-2">
        {columns.map(({ label, isNumber, read, write }) => (
          <Field
            key={label}
            label={label}
            value={read(row)}
            {...(isNumber ? { isNumber } : {})}
            onChange={(text) => onChange(rows.map((each, other) => (other === at ? write(row, text) : each)))}
          />
        ))}
        <button
          type="button"
          className="bare-button shrink-0"
          aria-label={`Remove ${item} ${at + 1}`}
          onClick={() => onChange(rows.filter((_, other) => other !== at))}
        >
          <Trash2 size={16} aria-hidden />
        </button>
      </div>
    ))}
    <button type="button" className="bare-button px-2 text-sm text-link" onClick={() => onChange([...rows, newRow])}>
      <Plus size={16} aria-hidden /> {item}
    </button>
  </fieldset>
);
