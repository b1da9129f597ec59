import type { Cause } from '../causes/cause';
import { diagnose, type Diagnosis, type DiagnosisContext } from './diagnosis';
import type { Evidence } from './posterior';
import { simulatedHouse } from './simulated-house';

/** How one diagnosis went from a complaint to a name. */
export interface DiagnosisRun {
  readonly cause: Cause;
  readonly complaint: string;
  readonly probes: readonly Evidence[];
  readonly end: Diagnosis;
  /** Whether the cause is in the class that was named. */
  readonly isRight: boolean;
  /** Probes at line voltage, and those that take a license. */
  readonly live: number;
}

/** More than this a technician does not stand. */
const MOST_PROBES = 25;

/**
 * Plays a diagnosis against the stand-in house: its owner complains, each offered probe is answered, to the end.
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
