import type { Cause } from '../causes/cause';
import type { Table } from './table';

/** Causes that no probe can tell apart; named together. */
export interface CauseClass {
  readonly causes: readonly Cause[];
  /** Their indexes in the table. */
  readonly at: readonly number[];
}

/** Groups causes with equal readings at every probe of a table. */
export const classesOf = (table: Table): readonly CauseClass[] => {
  const rows = table.probes.map(table.row);
  const groups = new Map<string, number[]>();
  table.causes.forEach((_, at) => {
    const key = rows.map(({ of }) => of[at]).join(' ');
    const known = groups.get(key);
    if (known) known.push(at);
    else groups.set(key, [at]);
  });
  return [...groups.values()].map((at) => ({ at, causes: at.map((each) => table.causes[each]!) }));
};
