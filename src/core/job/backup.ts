import type { Facts } from './document';

/** Kind of backup: electric strips or a furnace. */
export type Backup = 'strips' | 'fossil';

/** A job's backup. The only place that reads the stored words (`electric`, `furnace`). */
export const backupOf = ({ system }: Pick<Facts, 'system'>): Backup =>
  system.backup === 'furnace' ? 'fossil' : 'strips';
