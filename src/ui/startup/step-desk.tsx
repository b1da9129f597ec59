'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useRef } from 'react';
import { CAUTIONS } from '@/core/safety/cautions';
import { startupAnswer } from '@/core/startup/startup-answer';
import { LocalizedDegrees } from '../degrees/degrees';
import { PageAnswer } from '../findings/page-answer';
import { PersonLine } from '../job/person-line';
import { VisitLine } from '../job/visit-line';
import { LabeledSelect } from '../kit/labeled-select';
import { ListenButton } from '../meter/listen-button';
import { Cautions } from '../stop-work/cautions';
import { StopBanner } from '../stop-work/stop-banner';
import { CallBar } from './call-bar';
import { CountersignLine } from './countersign-line';
import { StartupItem } from './item';
import { ListLine } from './list-line';
import { SimulatedLine } from './simulated-line';
import { StepBasics } from './step-ground';
import { placesOf, StepList, TallyLine } from './step-list';
import type { Startup } from './use-startup';
import { cautionPlace } from './use-step';

/** Startup on a desk: the list of steps beside the whole present step. */
export const StepDesk = ({ steps, list, route, number, tried, left, go: onGo }: Startup) => {
  const top = useRef<HTMLDivElement>(null);
  const planned = steps[number]!;
  const { step, built, items } = planned;
  const go = (id: string) => {
    onGo(id);
    top.current?.scrollIntoView({ block: 'start' });
  };
  return (
    <div ref={top} className="mx-auto max-w-6xl scroll-mt-16 gap-8 px-3 py-4 sm:px-6 lg:flex">
      <div className="lg:w-64 lg:shrink-0">
        <TallyLine steps={steps} />
        <ListLine steps={steps} list={list} route={route} />
        <div className="max-lg:hidden">
          <StepList steps={steps} places={placesOf(route)} current={step.id} onGo={go} />
        </div>
        <div className="mb-3 lg:hidden">
          <LabeledSelect
            label="Step"
            value={step.id}
            options={steps.map((each, at) => ({ value: each.step.id, label: `${at + 1} · ${each.step.title}` }))}
            onChoose={go}
          />
        </div>
      </div>
      <article aria-labelledby="step-title" className="min-w-0 max-w-3xl flex-1">
        <StopBanner />
        <PageAnswer>{startupAnswer(steps)}</PageAnswer>
        <PersonLine />
        <div className="flex flex-wrap items-center justify-between gap-x-3">
          <VisitLine />
          <ListenButton />
        </div>
        <h2 id="step-title" className="page-head">
          <span className="font-mono text-lg text-quiet">
            {number + 1}/{steps.length}
          </span>{' '}
          {step.title}
        </h2>
        <SimulatedLine />
        <CountersignLine keys={items.map(({ key }) => key)} />
        <p className="mb-3 text-quiet">
          <LocalizedDegrees>{step.why}</LocalizedDegrees>
        </p>
        <Cautions
          key={step.id}
          place={cautionPlace(planned)}
          lines={built.cautions.map((caution) => CAUTIONS[caution])}
        />
        <CallBar call={built.call} />
        <StepBasics planned={planned} left={left} />
        <ul key={`${step.id} items`} className="mt-3 border-t-2 border-ink">
          {items.map((item) => (
            <StartupItem key={item.key} planned={item} tried={tried.get(item.key)} />
          ))}
        </ul>
        <div className="mt-5 flex gap-2">
          {([-1, 1] as const).map((by) => {
            const target = steps[number + by];
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
      </article>
    </div>
  );
};
