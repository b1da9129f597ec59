'use client';

import type { PlannedStep } from '@/core/startup/plan';
import type { ReturnItem } from '@/core/startup/return-visit';
import { Said } from '../degrees';
import { useJob } from '../job/provider';
import { AirflowLines } from './airflow-lines';
import { CapacityLine } from './capacity-line';
import { Countdown } from './countdown';
import { ReturnList } from './return-list';
import { StepLimits } from './step-limits';

/** How to put the system where a step is read, and the waits that it imposes. */
export const StepGround = ({
  planned: { step, built },
  returns,
}: {
  planned: PlannedStep;
  /** What a return visit is for, where this is the step that says so. */
  returns: readonly ReturnItem[];
}) => {
  const jobId = useJob((job) => job.saved.id);
  return (
    <>
      {built.how.length > 0 && (
        <ol className="mt-2 list-decimal space-y-1 pl-5">
          {built.how.map((line) => (
            <li key={line}>
              <Said>{line}</Said>
            </li>
          ))}
        </ol>
      )}
      {built.limits && built.limits.length > 0 && <StepLimits key={step.id} limits={built.limits} />}
      {built.waits.length > 0 && (
        <div className="mt-3 border-t border-line">
          {built.waits.map((wait) => (
            <Countdown key={wait.id} name={`${jobId}:${step.id}:${wait.id}`} wait={wait} />
          ))}
        </div>
      )}
      <ReturnList items={returns} />
      {built.airflows && built.airflows.length > 0 && <AirflowLines airflows={built.airflows} />}
      {built.capacity && <CapacityLine capacity={built.capacity} />}
    </>
  );
};
