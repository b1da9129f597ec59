import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import { type Clinic, clinicOf } from '@/core/diagnosis/diagnosis';
import { tableOf } from '@/core/diagnosis/table';
import { tonight, type TonightWay } from '@/core/diagnosis/tonight';
import { type Trouble, troubleOf } from '@/core/diagnosis/trouble';
import { visitMoment } from '@/core/diagnosis/visit-moment';
import type { Facts } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import { jobBasis } from '@/core/model/basis';

/** The last table: it is worked out once for the same facts and temperatures, and asked for each reading. */
let kept: { readonly key: string; readonly clinic: Clinic } | undefined;

const clinicFor = (facts: Facts, moment: Moment): Clinic => {
  const key = JSON.stringify([facts, moment.outdoorF, moment.indoorF]);
  if (kept?.key !== key) kept = { key, clinic: clinicOf(tableOf(jobBasis(facts), moment)) };
  return kept.clinic;
};

const api = {
  /** Where a search for trouble stands, for the readings of a visit. */
  judge: (facts: Facts, moment: Moment, readings: readonly Reading[]): Trouble =>
    troubleOf(clinicFor(facts, visitMoment(facts, readings, moment)), readings),
  /** What can be done tonight with a cause not fixed. */
  tonight: (
    facts: Facts,
    moment: Moment,
    readings: readonly Reading[],
    cause: string,
    tonightF: number,
  ): readonly TonightWay[] => tonight(clinicFor(facts, visitMoment(facts, readings, moment)).table, cause, tonightF),
};

/** What the trouble worker answers. */
export type TroubleWorker = typeof api;

expose(api);
