import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import { type FaultEffectRow, faultEffects } from '@/core/diagnosis/fault-bench';
import type { Facts } from '@/core/job/document';
import { jobModel } from '@/core/model/job-model';

const api = {
  /** Every single fault of a job's actual wiring. Facts are sent, not devices, which contain functions. */
  faultTable: (facts: Facts, moment: Moment): FaultEffectRow[] => faultEffects(facts, jobModel(facts).wall, moment),
};

/** API of the wiring worker. */
export type WiringWorker = typeof api;

expose(api);
