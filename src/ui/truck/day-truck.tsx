'use client';

import { Square, SquareCheckBig } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type JobDocument } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { JobSummary } from '@/core/job-list/job-summary';
import { dayList, type TruckJob } from '@/core/truck/truck-list';
import { call } from '@/ui/requests/api';
import { TruckLines } from '@/ui/truck/truck-lines';

/** The day’s jobs to tick, and the parts they need together. */
export const DayTruck = ({ jobs }: { jobs: readonly JobSummary[] }) => {
  const [taken, setTaken] = useState<ReadonlyMap<string, TruckJob>>(new Map());
  const [problem, setProblem] = useState('');
  const lines = useMemo(() => dayList([...taken.values()]), [taken]);
  const toggle = async (id: string, name: string) => {
    setProblem('');
    if (taken.has(id)) return setTaken((now) => new Map([...now].filter(([each]) => each !== id)));
    const answer = await call<{ document: JobDocument; readings: readonly Reading[] }>(`/api/jobs/${id}`);
    if (answer.kind !== 'ok') return setProblem(`${name} could not be loaded. ${answer.error}`);
    const { document, readings } = answer.value;
    const job: TruckJob = { facts: document.facts, confirmed: new Set(document.confirmed), readings };
    setTaken((now) => new Map(now).set(id, job));
  };
  return (
    <div className="mt-4 grid grid-cols-1 gap-8 md:grid-cols-2">
      <fieldset className="no-print min-w-0">
        <legend className="font-label text-xl font-semibold">Today’s jobs</legend>
        {jobs.length === 0 && <p>No open jobs. Create one on the job list first.</p>}
        {jobs.map(({ id, name, town }) => (
          <button
            key={id}
            type="button"
            aria-pressed={taken.has(id)}
            onClick={() => void toggle(id, name)}
            className="flex min-h-12 w-full items-center gap-3 border-b border-line text-left aria-pressed:font-semibold"
          >
            {taken.has(id) ? <SquareCheckBig size={20} aria-hidden /> : <Square size={20} aria-hidden />}
            <span className="min-w-0">
              {name}
              {town && <span className="block text-sm font-normal text-quiet">{town}</span>}
            </span>
          </button>
        ))}
        {problem && (
          <p role="alert" className="font-medium text-fail">
            {problem}
          </p>
        )}
      </fieldset>
      <section aria-label="What to load">
        <h2 className="font-label text-xl font-semibold">Load on the truck</h2>
        {taken.size === 0 ? <p className="text-quiet">Check off today’s jobs.</p> : <TruckLines lines={lines} />}
      </section>
    </div>
  );
};
