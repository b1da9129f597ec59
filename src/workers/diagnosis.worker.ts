import { expose } from 'comlink';
import type { Moment } from '@/core/control/moment';
import { COMPLAINTS } from '@/core/diagnosis/complaints';
import { type DiagnosisContext, diagnosisContext } from '@/core/diagnosis/diagnosis';
import { meterHeldTo } from '@/core/diagnosis/meter-held-to';
import { answerWords } from '@/core/diagnosis/reading-words';
import { type Asked, type SimulatedHouse, simulatedHouse } from '@/core/diagnosis/simulated-house';
import { tableOf } from '@/core/diagnosis/table';
import { type TonightOption, tonightOptions } from '@/core/diagnosis/tonight';
import { type DiagnosisView, diagnosisView } from '@/core/diagnosis/trouble';
import { visitMoment } from '@/core/diagnosis/visit-moment';
import type { ProbePlacement } from '@/core/instrument/stand-in';
import type { Facts } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import { jobModel } from '@/core/model/job-model';
import { observationKey } from '@/core/model/observation-key';

/** The last table: calculated once for the same facts and temperatures, and used for each reading. */
let kept: { readonly key: string; readonly clinic: DiagnosisContext } | undefined;

const clinicFor = (facts: Facts, moment: Moment): DiagnosisContext => {
  const key = JSON.stringify([facts, moment.outdoorF, moment.indoorF]);
  if (kept?.key !== key) kept = { key, clinic: diagnosisContext(tableOf(jobModel(facts), moment)) };
  return kept.clinic;
};

/** A cause to choose from. */
export interface Fault {
  readonly id: string;
  readonly words: string;
}

/** Observation at a place: a meter value, or what is seen. */
export interface Met {
  readonly held: ProbePlacement | null;
  readonly seen: string | null;
}

const worldIn = (facts: Facts, moment: Moment, fault: string, seed: number | null): SimulatedHouse | undefined => {
  const { table } = clinicFor(facts, moment);
  const cause = table.causes.find(({ id }) => id === fault);
  return cause && simulatedHouse(table, cause, seed);
};

const api = {
  /** State of a diagnosis for the readings of a visit. */
  judge: (facts: Facts, moment: Moment, readings: readonly Reading[]): DiagnosisView =>
    diagnosisView(clinicFor(facts, visitMoment(facts, readings, moment)), readings),
  /** Options for tonight with a cause not fixed. */
  tonight: (
    facts: Facts,
    moment: Moment,
    readings: readonly Reading[],
    cause: string,
    tonightF: number,
  ): readonly TonightOption[] =>
    tonightOptions(clinicFor(facts, visitMoment(facts, readings, moment)).table, cause, tonightF),
  /** Possible causes on a system. */
  faults: (facts: Facts, moment: Moment): readonly Fault[] =>
    clinicFor(facts, moment).table.causes.map(({ id, words }) => ({ id, words })),
  /** Complaint about a system with a fault. */
  saidOf: (facts: Facts, moment: Moment, fault: string): string => {
    const world = worldIn(facts, moment, fault, null);
    return COMPLAINTS.find(({ id }) => id === world?.complaint)?.words ?? '';
  },
  /** Meter value or observation at a place of a system with a fault. */
  meets: (facts: Facts, moment: Moment, fault: string, asked: Asked, seed: number): Met => {
    const answer = worldIn(facts, moment, fault, seed)?.answer(asked) ?? null;
    const held = answer === null ? null : meterHeldTo(asked, answer);
    const probe = clinicFor(facts, moment).table.probes.find(({ id }) => id === observationKey(facts, asked.of));
    return { held, seen: held || answer === null || !probe ? null : answerWords(probe, answer) };
  },
};

/** API of the diagnosis worker. */
export type DiagnosisWorker = typeof api;

expose(api);
