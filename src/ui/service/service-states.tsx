'use client';

import type { ServiceLoad, ServiceState } from '@/core/service/service-load';
import { GradeMark } from '../startup/grade-mark';

const grade = ({ isCarried }: ServiceState) => {
  if (isCarried === null) return 'open';
  return isCarried ? 'pass' : 'fail';
};

/** What the service carries in each state of the heat, against the main breaker. */
export const ServiceStates = ({ load }: { load: ServiceLoad }) => (
  <section aria-label="What the service carries">
    <ul>
      {load.states.map((state) => (
        <li key={state.id} className="flex items-center gap-3 border-b border-line py-1.5">
          <GradeMark grade={grade(state)} />
          <span className="min-w-0 flex-1">{state.label}</span>
          <span className="font-mono text-2xl font-semibold">
            {state.amps.toFixed(1)}
            <span className="ml-1 text-base font-normal">A</span>
          </span>
        </li>
      ))}
    </ul>
    {load.mainAmps !== null && (
      <p className="mt-1">
        Main breaker {load.mainAmps} A:{' '}
        {load.states[0]!.isCarried ? 'it carries everything at once.' : 'not everything at once.'}
      </p>
    )}
    {load.missing.length > 0 && (
      <ul aria-label="Missing">
        {load.missing.map((line) => (
          <li key={line} className="mt-1 text-sm">
            {line}
          </li>
        ))}
      </ul>
    )}
  </section>
);
