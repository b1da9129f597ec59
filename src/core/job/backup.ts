import type { Facts } from './document';

/** What is behind the heat pump: resistance strips, or a burner. */
export type Backup = 'strips' | 'fossil';

/** A job's backup. The one place where the fact's own words (`electric`, `furnace`) are read. */
export const backupOf = ({ system }: Pick<Facts, 'system'>): Backup =>
  system.backup === 'furnace' ? 'fossil' : 'strips';
