'use client';

import type { PlannedStep } from '@/core/startup/plan';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';
import { Countdown } from './countdown';
import { StepLimits } from './step-limits';

const AirflowLines = lazyClient(() => import('./airflow-lines').then((module) => module.AirflowLines));
const CapacityLine = lazyClient(() => import('./capacity-line').then((module) => module.CapacityLine));
const ReturnList = lazyClient(() => import('./return-list').then((module) => module.ReturnList));

/** Instructions for a step, and its waits. */
export const StepBasics = ({
  planned: { step, built },
  left,
}: {
  planned: PlannedStep;
  /** All steps, for the step that lists return visits. */
  left: readonly PlannedStep[] | undefined;
}) => {
  const share = useJob((job) => job.facts.proof.measuredShare);
  const { capacity } = built;
  // Nothing to show before the air is read.
  const saysCapacity = capacity && (capacity.kind !== 'waits' || share !== null);
  const jobId = useJob((job) => job.saved.id);
  return (
    <>
      {built.how.length > 0 && (
        <ol className="mt-2 list-decimal space-y-1 pl-5">
          {built.how.map((line) => (
            <li key={line}>
              <LocalizedDegrees>{line}</LocalizedDegrees>
            </li>
          ))}
        </ol>
      )}
      {built.limits && built.limits.length > 0 && <StepLimits key={step.id} limits={built.limits} />}
      {built.waits.length > 0 && (
        <div className={`mt-3 grid gap-x-6 border-t border-line ${built.waits.length > 1 ? 'sm:grid-cols-2' : ''}`}>
          {built.waits.map((wait) => (
            <Countdown key={wait.id} name={`${jobId}:${step.id}:${wait.id}`} wait={wait} />
          ))}
        </div>
      )}
      {left && <ReturnList steps={left} />}
      {built.airflows && built.airflows.length > 0 && <AirflowLines airflows={built.airflows} />}
      {saysCapacity && <CapacityLine capacity={capacity} />}
    </>
  );
};
