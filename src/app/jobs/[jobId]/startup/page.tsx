'use client';

import { ChevronLeft, ChevronRight, ShieldAlert } from 'lucide-react';
import { useRef, useState } from 'react';
import { CALLS } from '@/core/control/moment';
import { CAUTIONS } from '@/core/startup/cautions';
import { type PlannedStep, stepGrade, tally } from '@/core/startup/plan';
import { useJob } from '@/ui/job/provider';
import { useModel } from '@/ui/job/use-model';
import { VisitLine } from '@/ui/job/visit-line';
import { PersonLine } from '@/ui/person-line';
import { Countdown } from '@/ui/startup/countdown';
import { GradeMark } from '@/ui/startup/grade-mark';
import { StartupItem } from '@/ui/startup/item';
import { TriedLine } from '@/ui/startup/tried-line';

const StepList = ({
  steps,
  current,
  onGo,
}: {
  steps: readonly PlannedStep[];
  current: string;
  onGo: (id: string) => void;
}) => (
  <ol className="max-lg:hidden">
    {steps.map((planned, at) => (
      <li key={planned.step.id}>
        <button
          type="button"
          aria-current={planned.step.id === current ? 'step' : undefined}
          onClick={() => onGo(planned.step.id)}
          className="flex min-h-11 w-full items-center gap-2 border-b border-line px-2 text-left hover:bg-sheet aria-[current]:bg-ink aria-[current]:text-paper [&[aria-current]_svg]:text-paper"
        >
          <span className="w-5 font-mono text-xs">{at + 1}</span>
          <GradeMark grade={stepGrade(planned)} />
          <span className="font-label text-lg">{planned.step.title}</span>
        </button>
      </li>
    ))}
  </ol>
);

const Step = ({ planned, tried }: { planned: PlannedStep; tried: ReadonlyMap<string, string> }) => {
  const jobId = useJob((job) => job.saved.id);
  const call = useJob((job) => job.moment.call);
  const setCall = useJob((job) => job.setCall);
  const { step, built, items } = planned;
  return (
    <article aria-labelledby="step-title">
      <p className="text-quiet">{step.why}</p>
      {built.cautions.length > 0 && (
        <ul aria-label="Cautions" className="mt-3 space-y-1 border-l-4 border-fail bg-fail-wash px-3 py-2 text-sm">
          {built.cautions.map((caution) => (
            <li key={caution} className="flex gap-2">
              <ShieldAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-fail" />
              {CAUTIONS[caution]}
            </li>
          ))}
        </ul>
      )}
      {built.how.length > 0 && (
        <ol className="mt-3 list-decimal space-y-1 pl-5">
          {built.how.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      )}
      {built.call && (
        <p className="mt-2 text-sm text-quiet">
          Call: <b className="text-ink">{CALLS[built.call].label}</b>.{' '}
          {built.call === call ? (
            'Wiring and ruler are set to it.'
          ) : (
            <button
              type="button"
              className="bare-button -my-2 px-1 underline underline-offset-4"
              onClick={() => built.call && setCall(built.call)}
            >
              Set wiring and ruler to it
            </button>
          )}
        </p>
      )}
      {built.waits.length > 0 && (
        <div className="mt-3 border-t border-line">
          {built.waits.map((wait) => (
            <Countdown key={wait.id} name={`${jobId}:${step.id}:${wait.id}`} wait={wait} />
          ))}
        </div>
      )}
      <ul className="mt-3 border-t-2 border-ink">
        {items.map((item) => (
          <StartupItem key={item.key} planned={item} tried={tried.get(item.key)} />
        ))}
      </ul>
    </article>
  );
};

const StartupPage = () => {
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const setCall = useJob((job) => job.setCall);
  const model = useModel();
  const steps = model.startup(readings, moment);
  const [chosen, setChosen] = useState(
    () => steps.find((planned) => tally([planned]).open > 0)?.step.id ?? steps[0]!.step.id,
  );
  const top = useRef<HTMLDivElement>(null);
  const at = Math.max(
    0,
    steps.findIndex(({ step }) => step.id === chosen),
  );
  const planned = steps[at]!;
  const go = (id: string) => {
    setChosen(id);
    const call = steps.find(({ step }) => step.id === id)?.built.call;
    if (call) setCall(call);
    top.current?.scrollIntoView({ block: 'start' });
  };
  const counts = tally(steps);
  const neighbours = (
    <div className="flex gap-2">
      {([-1, 1] as const).map((by) => {
        const target = steps[at + by];
        return (
          <button
            key={by}
            type="button"
            disabled={!target}
            onClick={() => target && go(target.step.id)}
            className="plain-button flex-1"
          >
            {by < 0 && <ChevronLeft size={18} aria-hidden />}
            <span className="truncate">{target?.step.title ?? (by < 0 ? 'First step' : 'Last step')}</span>
            {by > 0 && <ChevronRight size={18} aria-hidden />}
          </button>
        );
      })}
    </div>
  );
  return (
    <div ref={top} className="mx-auto max-w-6xl scroll-mt-28 gap-8 px-3 py-4 sm:px-6 lg:flex">
      <div className="lg:w-64 lg:shrink-0">
        <p className="mb-3 flex flex-wrap gap-x-4 gap-y-1">
          {(['open', 'pass', 'warn', 'fail'] as const).map((grade) => (
            <span key={grade} className="flex items-center gap-1">
              <span className="font-mono text-lg font-semibold">{counts[grade]}</span>
              <GradeMark grade={grade} hasWord size={16} />
            </span>
          ))}
        </p>
        <StepList steps={steps} current={planned.step.id} onGo={go} />
      </div>
      <div className="min-w-0 max-w-3xl flex-1">
        <PersonLine />
        <VisitLine />
        <h2 id="step-title" className="font-label text-3xl font-semibold">
          <span className="font-mono text-lg text-quiet">
            {at + 1}/{steps.length}
          </span>{' '}
          {planned.step.title}
        </h2>
        <TriedLine />
        <Step key={planned.step.id} planned={planned} tried={model.tried(readings, moment, planned)} />
        <div className="mt-5">{neighbours}</div>
      </div>
    </div>
  );
};

export default StartupPage;
