'use client';

import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { CAUTIONS } from '@/core/safety/cautions';
import { type PlannedStep, stepGrade } from '@/core/startup/plan';
import { startupAnswer } from '@/core/startup/startup-answer';
import { LocalizedDegrees } from '../degrees/degrees';
import { GradeMark } from '../findings/grade-mark';
import { PageAnswer } from '../findings/page-answer';
import { useJob } from '../job/provider';
import { VisitLine } from '../job/visit-line';
import { lazyClient } from '../loading/lazy-client';
import { CautionSign } from '../stop-work/cautions';
import { StopBanner } from '../stop-work/stop-banner';
import { CallBar } from './call-bar';
import { CountersignLine } from './countersign-line';
import { OneReading } from './one-reading';
import { SimulatedLine } from './simulated-line';
import { StepBasics } from './step-ground';
import type { Startup } from './use-startup';
import { cautionPlace } from './use-step';

const StepsSheet = lazyClient(() => import('./steps-sheet').then((module) => module.StepsSheet));

/** Before a step's readings: cautions, instructions, waits. */
const Before = ({
  planned,
  answer,
  left,
  onNext,
}: {
  planned: PlannedStep;
  answer: string;
  left: readonly PlannedStep[] | undefined;
  onNext: () => void;
}) => {
  const cautions = planned.built.cautions.map((caution) => CAUTIONS[caution]);
  const readCaution = useJob((job) => job.readCaution);
  return (
    <>
      <PageAnswer>{answer}</PageAnswer>
      <p className="mb-2 text-quiet">
        <LocalizedDegrees>{planned.step.why}</LocalizedDegrees>
      </p>
      {cautions.length > 0 && <CautionSign lines={cautions} />}
      <CountersignLine keys={planned.items.map(({ key }) => key)} />
      <VisitLine />
      <StepBasics planned={planned} left={left} />
      <div className="mt-auto pt-3">
        <button
          type="button"
          className="strong-button h-16 w-full text-lg"
          onClick={() => {
            readCaution(cautionPlace(planned));
            onNext();
          }}
        >
          {cautions.length > 0 ? 'Understood. Go to readings' : 'Go to readings'}
        </button>
      </div>
    </>
  );
};

/** Startup on a phone: one reading at a time; steps and cautions one tap away. */
export const StepPhone = ({ steps, list, route, number, at, tried, left, go, goAt }: Startup) => {
  const [showsSteps, setSteps] = useState(false);
  const planned = steps[number]!;
  const { step, built, items } = planned;
  const item = items[at - 1];
  const following = items[at];
  const nextStep = steps[number + 1];
  const openBefore = items.findIndex((each) => !each.reading && !each.leftOut);
  return (
    <article
      aria-labelledby="step-title"
      className="flex min-h-[calc(100dvh-9.75rem-var(--company-line,0rem)-var(--lost-line,0rem))] flex-col px-3 pb-2"
    >
      <button
        type="button"
        aria-haspopup="dialog"
        onClick={() => setSteps(true)}
        className="flex min-h-11 items-center gap-2 border-b border-line text-left"
      >
        <span className="sr-only">Steps</span>
        <GradeMark grade={stepGrade(planned)} />
        <h2 id="step-title" className="min-w-0 flex-1 truncate font-label text-xl font-semibold">
          <span className="font-mono text-sm text-quiet">
            {number + 1}/{steps.length}
          </span>{' '}
          {step.title}
        </h2>
        {item && (
          <span className="font-mono text-sm text-quiet">
            {at} of {items.length}
          </span>
        )}
        <ChevronDown size={18} aria-hidden />
      </button>
      {showsSteps && (
        <StepsSheet
          steps={steps}
          list={list}
          route={route}
          current={step.id}
          onGo={go}
          onClose={() => setSteps(false)}
        />
      )}
      <StopBanner isFolded />
      <SimulatedLine />
      <CallBar call={built.call} />
      {!item ? (
        <div className="flex flex-1 flex-col pt-2">
          <Before
            planned={planned}
            answer={startupAnswer(steps)}
            left={left}
            onNext={() => goAt(Math.max(0, openBefore) + 1)}
          />
        </div>
      ) : (
        <>
          <button
            type="button"
            onClick={() => goAt(0)}
            className={`flex min-h-11 items-center gap-2 text-left text-sm ${built.cautions.length > 0 ? 'caution-sign py-0' : 'text-quiet'}`}
          >
            {built.cautions.length > 0 && <b>Caution · {built.cautions.length}</b>}
            <span className="min-w-0 flex-1 truncate">
              {built.cautions[0] ? CAUTIONS[built.cautions[0]] : 'How to set it up'}
            </span>
            <ChevronDown size={18} aria-hidden className="shrink-0" />
          </button>
          <OneReading
            key={item.key}
            planned={item}
            tried={tried.get(item.key)}
            next={
              following ? `Next: ${following.item.label}` : nextStep ? `Next step: ${nextStep.step.title}` : 'All steps'
            }
            onNext={() => (following ? goAt(at + 1) : go((nextStep ?? steps[0]!).step.id))}
          />
        </>
      )}
    </article>
  );
};
