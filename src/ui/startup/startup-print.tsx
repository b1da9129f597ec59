'use client';

import { jobName } from '@/core/job/job-name';
import { CAUTIONS } from '@/core/safety/cautions';
import type { PlannedItem, PlannedStep } from '@/core/startup/plan';
import { isDegreeUnit, unitOn } from '@/core/units/degrees';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../degrees/degrees';
import { GradeMark } from '../findings/grade-mark';
import { useJob } from '../job/provider';
import { usePrinting } from '../kit/use-printing';

const PrintedItem = ({ planned: { item, expected, reading, leftOut, verdict } }: { planned: PlannedItem }) => {
  const { scale, say, figure } = useDegrees();
  const shown = (value: number) => (isDegreeUnit(item.unit) ? figure(value) : String(roundTo(value, 2)));
  const unit = unitOn(scale, item.unit);
  const isTick = expected.kind === 'tick';
  const read =
    typeof reading?.value === 'number' ? `${shown(reading.value)} ${unit}` : isTick ? '' : (reading?.value ?? '');
  return (
    <li className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_11rem_8rem_4rem] gap-x-2 border-b border-line">
      <span>{item.label}</span>
      <span className="text-right font-mono text-quiet">
        {expected.kind === 'band' &&
          (expected.aim === null
            ? say(expected.tolerance)
            : `${shown(expected.aim)} ${unit} ${say(expected.tolerance)}`)}
      </span>
      <span className="border-l border-line pl-1 font-mono font-semibold">{leftOut ? 'not measured' : read}</span>
      <GradeMark grade={verdict?.grade ?? 'open'} size={11} hasWord={verdict !== undefined} />
    </li>
  );
};

const Paper = ({ steps }: { steps: readonly PlannedStep[] }) => (
  <article className="hidden text-[8pt] leading-tight print:block">
    <h1 className="part-head">{useJob(({ facts }) => jobName(facts))}: startup</h1>
    {steps.map(({ step, built, items }, at) => (
      <section key={step.id} className="mt-2">
        <h2 className="break-after-avoid border-b border-ink font-label text-base font-semibold">
          {at + 1} · {step.title}
        </h2>
        {built.cautions.map((caution) => (
          <p key={caution} className="break-after-avoid font-semibold">
            Caution: {CAUTIONS[caution]}
          </p>
        ))}
        <ul>
          {items.map((planned) => (
            <PrintedItem key={planned.key} planned={planned} />
          ))}
        </ul>
      </section>
    ))}
  </article>
);

/** The whole startup in print: expectations, readings, and space for missing ones. */
export const StartupPrint = ({ steps }: { steps: readonly PlannedStep[] }) =>
  usePrinting() ? <Paper steps={steps} /> : null;
