'use client';

import { ChevronDown } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { CAUTIONS } from '@/core/startup/cautions';
import { type PlannedStep, stepGrade } from '@/core/startup/plan';
import type { ReturnItem } from '@/core/startup/return-visit';
import { CautionSign } from '../cautions';
import { Said } from '../degrees';
import { useJob } from '../job/provider';
import { VisitLine } from '../job/visit-line';
import { ListenButton } from '../meter/listen-button';
import { PersonLine } from '../person-line';
import { CallBar } from './call-bar';
import { CountersignLine } from './countersign-line';
import { GradeMark } from './grade-mark';
import { ListLine } from './list-line';
import { OneReading } from './one-reading';
import { StepGround } from './step-ground';
import { placesOf, StepList, TallyLine } from './step-list';
import { TriedLine } from './tried-line';
import type { RouteChoice } from './use-route';
import { cautionPlace } from './use-step';
import type { VisitList } from './use-visit-list';

interface StepPhoneProps {
  readonly steps: readonly PlannedStep[];
  readonly number: number;
  readonly list: VisitList;
  readonly route: RouteChoice;
  /** 0: how to get there; then the step's readings, from 1. */
  readonly at: number;
  readonly tried: ReadonlyMap<string, string>;
  /** What a return visit is for, where the step says so. */
  readonly returns: readonly ReturnItem[];
  readonly onGo: (id: string) => void;
  readonly onAt: (at: number) => void;
}

const StepsSheet = ({
  steps,
  list,
  route,
  current,
  onGo,
  children,
}: Omit<Parameters<typeof StepList>[0], 'places'> & {
  list: VisitList;
  route: RouteChoice;
  children: React.ReactNode;
}) => {
  const [isOpen, setOpen] = useState(false);
  return (
    <Dialog.Root open={isOpen} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>{children}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto rounded-t border-t border-line-strong bg-paper p-3"
        >
          <Dialog.Title className="font-label text-2xl font-semibold">Steps</Dialog.Title>
          <TallyLine steps={steps} />
          <ListLine steps={steps} list={list} route={route} />
          <StepList
            steps={steps}
            places={placesOf(route)}
            current={current}
            onGo={(id) => {
              setOpen(false);
              onGo(id);
            }}
          />
          <PersonLine />
          <VisitLine />
          <ListenButton />
          <Dialog.Close className="plain-button mt-2 w-full">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
};

/** Before a step's readings: what can hurt, how to put the system there, what to wait for. */
const Before = ({
  planned,
  returns,
  onNext,
}: {
  planned: PlannedStep;
  returns: readonly ReturnItem[];
  onNext: () => void;
}) => {
  const cautions = planned.built.cautions.map((caution) => CAUTIONS[caution]);
  const readCaution = useJob((job) => job.readCaution);
  return (
    <>
      <p className="mb-2 text-quiet">
        <Said>{planned.step.why}</Said>
      </p>
      {cautions.length > 0 && <CautionSign lines={cautions} />}
      <CountersignLine keys={planned.items.map(({ key }) => key)} />
      <VisitLine />
      <StepGround planned={planned} returns={returns} />
      <div className="mt-auto pt-3">
        <button
          type="button"
          className="strong-button h-16 w-full text-lg"
          onClick={() => {
            readCaution(cautionPlace(planned));
            onNext();
          }}
        >
          {cautions.length > 0 ? 'I have read it. To the readings' : 'To the readings'}
        </button>
      </div>
    </>
  );
};

/** Startup on a phone: one reading at a time, the steps and the cautions a tap away. */
export const StepPhone = ({ steps, list, route, number, at, tried, returns, onGo, onAt }: StepPhoneProps) => {
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
      <StepsSheet steps={steps} list={list} route={route} current={step.id} onGo={onGo}>
        <button type="button" className="flex min-h-11 items-center gap-2 border-b border-line text-left">
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
      </StepsSheet>
      <TriedLine />
      <CallBar call={built.call} />
      {!item ? (
        <div className="flex flex-1 flex-col pt-2">
          <Before planned={planned} returns={returns} onNext={() => onAt(Math.max(0, openBefore) + 1)} />
        </div>
      ) : (
        <>
          <button
            type="button"
            onClick={() => onAt(0)}
            className={`flex min-h-11 items-center gap-2 text-left text-sm ${built.cautions.length > 0 ? 'caution-sign py-0' : 'text-quiet'}`}
          >
            {built.cautions.length > 0 && <b>Caution · {built.cautions.length}</b>}
            <span className="min-w-0 flex-1 truncate">
              {built.cautions[0] ? CAUTIONS[built.cautions[0]] : 'How to get there'}
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
            onNext={() => (following ? onAt(at + 1) : onGo((nextStep ?? steps[0]!).step.id))}
          />
        </>
      )}
    </article>
  );
};
