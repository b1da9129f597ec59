import { jobFurnaceBtuh } from '../devices/furnace/stages';
import { backupOf } from '../job/backup';
import { jobBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { BTU_PER_KWH } from '../units/constants';

/** Output of a job's backup with all of it on, Btu/h. */
export const backupHeatBtuh = (facts: Facts): number =>
  backupOf(facts) === 'fossil'
    ? jobFurnaceBtuh(facts)
    : jobBanks(facts).reduce((sum, { kW }) => sum + kW * BTU_PER_KWH, 0);
