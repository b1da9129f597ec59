'use client';

import { useMemo, useState } from 'react';
import type { Moment } from '@/core/control/moment';
import { jobModel } from '@/core/model/job-model';
import { terminalTable, withValve } from '@/core/wiring/terminal-table';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { TerminalTable } from './terminal-table';

/** Expected volts of a good system at every terminal in every call; the other valve type for comparison. */
export const ExpectedVolts = ({ moment }: { moment: Moment }) => {
  const facts = useJob((job) => job.facts);
  const { reversingValve } = facts.outdoorUnit;
  const [chosen, setChosen] = useState<'O' | 'B' | null>(null);
  const valve = chosen ?? reversingValve;
  const shown = useMemo(
    () => jobModel(valve === reversingValve ? facts : withValve(facts, valve)),
    [facts, valve, reversingValve],
  );
  const rows = useMemo(() => terminalTable(shown.planned, shown.soundStates(moment)), [shown, moment]);
  const model = useModel();
  const found = useMemo(() => terminalTable(model.harness, model.states(moment)), [model, moment]);
  return (
    <section className="no-print mt-6">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-2">
        <h2 className="part-head">Expected volts at the terminals</h2>
        <div role="group" aria-label="Show as" className="flex flex-wrap">
          {(['O', 'B'] as const).map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={valve === each}
              onClick={() => setChosen(each)}
              className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {each} system{each === reversingValve ? ' (this one)' : ''}
            </button>
          ))}
        </div>
      </div>
      <TerminalTable rows={rows} found={found} call={moment.call} />
    </section>
  );
};
