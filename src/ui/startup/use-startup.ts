'use client';

import { simulatedReadings } from '@/core/startup/simulated';
import { startupOf } from '@/core/startup/startup-of';
import { useModel, useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { useRoute } from './use-route';
import { useStep } from './use-step';
import { useVisitList } from './use-visit-list';

/** The startup of a job as it is worked on: its steps in today's order, the one at hand, and how to go on. */
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
    // The last step says what is left for another day, whatever list today's visit has.
    left: planned.step.id === 'leave' ? all : undefined,
  };
};

/** What a startup is shown from. */
export type Startup = ReturnType<typeof useStartup>;
