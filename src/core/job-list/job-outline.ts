import { outdoorRuler } from '../balance/outdoor-ruler';
import { findingsOf } from '../check';
import { DEFAULT_MOMENT } from '../control/moment';
import { waitingReadings, waitingWords } from '../job/countersign';
import type { Severity } from '../job/finding';
import type { NO_HISTORY } from '../job/stored-job';
import { type StoredJob } from '../job/stored-job';
import { VISIT_REASONS } from '../job/visit';
import { lastReadings, lastVisit } from '../job/visits';
import { jobModel } from '../model/job-model';
import { type StopId, STOPS } from '../safety/stops';
import { activeStops } from '../startup/active-stops';
import { momentOf } from '../startup/conditions';
import { type PlannedStep, stepGrade, tally } from '../startup/plan';
import { startupOf } from '../startup/startup-of';
import { forVisit } from '../startup/visit-list';
import type { JobOutline } from './job-summary';

const nextOf = (
  stop: StopId | undefined,
  firstError: string | undefined,
  steps: readonly PlannedStep[],
  hasReadings: boolean,
  waiting: number,
): string => {
  if (stop) return `Stop work: ${STOPS[stop].title.toLowerCase()}.`;
  const failed = hasReadings ? steps.find((step) => stepGrade(step) === 'fail') : undefined;
  if (failed) return `${failed.step.title}: a reading failed.`;
  if (firstError) return firstError;
  if (!hasReadings) return 'Ready for startup.';
  if (waiting > 0) return waitingWords(waiting);
  const open = steps.find((step) => tally([step]).open > 0);
  return open ? `Next: ${open.step.title}.` : 'All readings are in. Ready to hand over.';
};

/** The outline of a job, from its facts and last visit. */
export const jobOutline = (job: Pick<StoredJob, 'document' | 'handedOverAt' | keyof typeof NO_HISTORY>): JobOutline => {
  const { facts } = job.document;
  const confirmed = new Set(job.document.confirmed);
  const model = jobModel(facts);
  const readings = lastReadings(job);
  const findings = findingsOf(model, readings, confirmed).filter(({ waived, under }) => !waived && !under);
  const visit = lastVisit(job.visits);
  const moment = momentOf(facts, readings, DEFAULT_MOMENT);
  const all = startupOf(model, readings, moment, confirmed);
  const steps = forVisit(all, visit?.reason ?? 'new');
  const stops = activeStops(facts, all, job.readings);
  const { open, pass, warn, fail } = tally(steps);
  const { spanF, lanes, gapsF: holesF, marks } = outdoorRuler(facts);
  const count = (severity: Severity) => findings.filter((finding) => finding.severity === severity).length;
  const firstError = findings.find(({ severity }) => severity === 'error')?.what;
  return {
    readings: job.readings.length,
    findings: { error: count('error'), warning: count('warning'), advice: count('advice') },
    startup: { open, pass, warn, fail },
    stops: [...new Set(stops.map(({ stop }) => stop))],
    next:
      job.handedOverAt === null || stops.length > 0
        ? nextOf(stops[0]?.stop, firstError, steps, readings.length > 0, waitingReadings(readings).length)
        : '',
    lastVisit: visit ? { began: visit.began, reason: VISIT_REASONS[visit.reason] } : null,
    ruler: {
      spanF,
      lanes: lanes.map(({ source, openF }) => ({ source, openF })),
      holesF,
      designF: facts.house.designOutdoorF,
      balanceF: marks.find(({ id }) => id === 'thermal-balance')?.atF ?? null,
    },
  };
};
