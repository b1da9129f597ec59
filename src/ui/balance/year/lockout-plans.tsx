'use client';

import { Download, Plus } from 'lucide-react';
import { useState } from 'react';
import { backupOf } from '@/core/job/backup';
import { changesToUsePlan } from '@/core/setup/ways/apply';
import { type ComparedPlan, whatMakesDifference } from '@/core/setup/ways/compare';
import { type LockoutPlan, PLANS_BOUNDS, planToRow, presetPlans } from '@/core/setup/ways/way';
import { LocalizedDegrees } from '../../degrees/degrees';
import { useJob, useJobNow } from '../../job/provider';
import { useFactsWithUndo } from '../../job/use-facts-with-undo';
import { download } from '../../kit/download';
import { whenIdle } from '../../loading/idle';
import { PlanDialog } from './way-dialog';
import { PlansTable } from './ways-table';

const csv = whenIdle(() => import('@/core/formats/year-csv'));

const save = (name: string, text: string) => download(name, new Blob([text], { type: 'text/csv;charset=utf-8' }));

interface LockoutPlansProps {
  readonly plans: readonly LockoutPlan[];
  readonly compared: readonly ComparedPlan[];
  /** Whether the figures are of an earlier state of the job. */
  readonly isOld: boolean;
  readonly fuelUnit: string | null;
}

/** The year under each lockout plan: compared, used in Setup, edited, exported. */
export const LockoutPlans = ({ plans, compared, isOld, fuelUnit }: LockoutPlansProps) => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const now = useJobNow();
  const [editing, setEditing] = useState<number | null>(null);
  const keepWays = (next: readonly LockoutPlan[]) => setFact('year.ways', next.map(planToRow));
  const change = useFactsWithUndo();
  const take = ({ name, way }: ComparedPlan) => change(changesToUsePlan(now().facts, way!), `Used in Setup: ${name}`);
  const edited = editing === null ? null : (plans[editing] ?? { ...presetPlans(facts)[0]!, name: 'New plan' });
  return (
    <>
      <section aria-label="Ways" className={`mt-8 ${isOld ? 'opacity-60' : ''}`}>
        <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
          <h2 className="part-head">Lockout plans</h2>
          <span className="flex flex-wrap gap-2">
            {facts.year.ways.length > 0 && (
              <button
                type="button"
                className="bare-button px-2 text-sm text-link"
                onClick={() => setFact('year.ways', [])}
              >
                Reset to the standard plans
              </button>
            )}
            {plans.length < PLANS_BOUNDS[1] && (
              <button type="button" className="plain-button" onClick={() => setEditing(plans.length)}>
                <Plus size={18} aria-hidden /> Add plan
              </button>
            )}
            <button
              type="button"
              className="plain-button"
              onClick={() => void csv().then(({ yearCsv }) => save('ways-by-bin.csv', yearCsv(compared)))}
            >
              <Download size={18} aria-hidden /> CSV
            </button>
          </span>
        </div>
        <PlansTable compared={compared} onTake={take} onEdit={setEditing} />
        <ul className="mt-3 border-l-4 border-ink pl-3">
          {whatMakesDifference(compared, fuelUnit).map((sentence) => (
            <li key={sentence}>
              <LocalizedDegrees>{sentence}</LocalizedDegrees>
            </li>
          ))}
        </ul>
        <p className="mt-3 max-w-prose text-sm text-quiet">
          Heating only. The bin and hourly methods assume a steady setpoint; only the minute method includes setback
          recovery, droop (how far the room falls before backup comes on), starts and real frost. Blower power is inside
          the heat-pump ratings and is added for strips or furnace alone. Defrosts are figured at about four minutes
          each, at the board’s interval, whenever the coil is cold enough; a demand board as frost builds.
        </p>
      </section>
      {edited && editing !== null && (
        <PlanDialog
          way={edited}
          backup={backupOf(facts)}
          onClose={() => setEditing(null)}
          onRemove={
            editing < plans.length && plans.length > PLANS_BOUNDS[0]
              ? () => {
                  keepWays(plans.filter((_, at) => at !== editing));
                  setEditing(null);
                }
              : null
          }
          onKeep={(way) => {
            keepWays(editing < plans.length ? plans.map((each, at) => (at === editing ? way : each)) : [...plans, way]);
            setEditing(null);
          }}
        />
      )}
    </>
  );
};
