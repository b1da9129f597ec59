import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import type { Facts } from '@/core/job/document';
import { jobBasis } from '@/core/model/basis';
import { type FaultRow, faultTable } from '@/core/wiring/fault-table';

const api = {
  /** Every single fault of what is in a job's wall. Facts travel, not devices: those hold functions. */
  faultTable: (facts: Facts, moment: Moment): FaultRow[] => faultTable(facts, jobBasis(facts).wall, moment),
};

/** What the wiring worker answers. */
export type WiringWorker = typeof api;

expose(api);
