import { backupOf } from './backup';
import type { Facts } from './document';
import type { ElementRow } from './facts/heat-kit';

/** The elements of the job's heat kit; none if the backup is a furnace. */
export const kitRows = ({ system, heatKit }: Facts): readonly ElementRow[] =>
  backupOf({ system }) === 'fossil' ? [] : heatKit.elements;
