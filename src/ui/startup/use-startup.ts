'use client';

import { simulatedReadings } from '@/core/startup/simulated';
import { startupOf } from '@/core/startup/startup-of';
import { useModel, useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { useRoute } from './use-route';
import { useStep } from './use-step';
import { useVisitList } from './use-visit-list';

/** A job's startup in progress: steps in today's order, the present step, and navigation. */
export const useStartup = () => {
  const readings = useJob((job) => job.readings);
  const moment = useMoment();
  const confirmed = useJob((job) => job.confirmed);
  const facts = useJob((job) => job.facts);
  const model = useModel();
  const reason = useJob((job) => shownVisit(job)?.reason ?? 'new');
  const all = startupOf(model, readings, moment, confirmed);
  const { steps: listed, list } = useVisitList(all, reason);
  const { steps, route } = useRoute(facts, listed);
  const { number, planned, at, go, goAt } = useStep(steps);
  return {
    steps,
    list,
    route,
    number,
    at,
    go,
    goAt,
    tried: simulatedReadings(model, readings, moment, planned),
    // The last step lists what remains for another day, whatever today's list is.
    left: planned.step.id === 'leave' ? all : undefined,
  };
};

/** Everything that a startup is rendered from. */
export type Startup = ReturnType<typeof useStartup>;
