import type { Cause } from '../causes/cause';
import { diagnose, type Diagnosis, type DiagnosisContext } from './diagnosis';
import type { Evidence } from './posterior';
import { simulatedHouse } from './simulated-house';

/** Course of one diagnosis from complaint to name. */
export interface DiagnosisRun {
  readonly cause: Cause;
  readonly complaint: string;
  readonly probes: readonly Evidence[];
  readonly end: Diagnosis;
  /** Whether the named class contains the cause. */
  readonly isRight: boolean;
  /** Probes at line voltage, and those that need a license. */
  readonly live: number;
}

/** Maximum probes: a technician gives up after this many. */
const MOST_PROBES = 25;

/**
 * Runs a diagnosis against a simulated house: a complaint, then an answer to each offered probe, to the end.
 * @param seed for the spread of the meters and of the complaint; null: exact
 */
export const runDiagnosis = (clinic: DiagnosisContext, cause: Cause, seed: number | null): DiagnosisRun => {
  const world = simulatedHouse(clinic.table, cause, seed);
  const evidence: Evidence[] = [];
  const now = () => diagnose(clinic, { complaint: world.complaint, evidence, skipped: [] });
  let end = now();
  while (end.standpoint.kind === 'open' && evidence.length < MOST_PROBES) {
    const { probe } = end.offers[0]!;
    evidence.push({ probe, answer: world.answer(probe) });
    end = now();
  }
  return {
    cause,
    complaint: world.complaint,
    probes: evidence,
    end,
    isRight: end.suspects[0]!.causes.includes(cause) && end.standpoint.kind !== 'unexplained',
    live: evidence.filter(({ probe }) => probe.kind === 'live' || probe.kind === 'licensed').length,
  };
};
