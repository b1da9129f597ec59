import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import { type BenchRow, faultBench } from '@/core/diagnosis/fault-bench';
import type { Facts } from '@/core/job/document';
import { jobBasis } from '@/core/model/basis';

const api = {
  /** Every single fault of what is in a job's wall. Facts travel, not devices: those hold functions. */
  faultTable: (facts: Facts, moment: Moment): BenchRow[] => faultBench(facts, jobBasis(facts).wall, moment),
};

/** What the wiring worker answers. */
export type WiringWorker = typeof api;

expose(api);
