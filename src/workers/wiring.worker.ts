import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import { type FaultEffectRow, faultEffects } from '@/core/diagnosis/fault-bench';
import type { Facts } from '@/core/job/document';
import { jobModel } from '@/core/model/job-model';

const api = {
  /** Every single fault of what is in a job's wall. Facts travel, not devices: those hold functions. */
  faultTable: (facts: Facts, moment: Moment): FaultEffectRow[] => faultEffects(facts, jobModel(facts).wall, moment),
};

/** What the wiring worker answers. */
export type WiringWorker = typeof api;

expose(api);
