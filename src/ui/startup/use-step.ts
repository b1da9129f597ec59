'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { type PlannedStep, tally } from '@/core/startup/plan';
import { useJob } from '../job/provider';
import { changeAddress } from '../kit/address';

const isOpen = ({ reading, leftOut }: PlannedStep['items'][number]) => !reading && !leftOut;

/** Positions in a step: 0 is its instructions, then readings from 1. */
const startOf = (step: PlannedStep, isRead: boolean): number =>
  isRead ? Math.max(0, step.items.findIndex(isOpen)) + 1 : 0;

/** The present step of Startup and its reading. Both are in the address, so that Back works. */
export const useStep = (steps: readonly PlannedStep[]) => {
  const query = useSearchParams();
  const setCall = useJob((job) => job.setCall);
  const cautionsRead = useJob((job) => job.cautionsRead);
  // By default the first step with open items, which stays while it is filled in.
  const [first] = useState(() => (steps.find((each) => tally([each]).open > 0) ?? steps[0]!).step.id);
  const id = query.get('step') ?? first;
  const number = Math.max(
    0,
    steps.findIndex(({ step }) => step.id === id),
  );
  const planned = steps[number]!;
  const [firstAt] = useState(() => startOf(planned, cautionsRead.includes(cautionPlace(planned))));
  const at = Math.min(planned.items.length, Math.max(0, Number(query.get('at') ?? firstAt) || 0));
  const put = (step: string, reading: number) => changeAddress({ step, at: String(reading) }, 'push');
  const go = (stepId: string) => {
    const step = steps.find((each) => each.step.id === stepId);
    if (!step) return;
    put(stepId, startOf(step, cautionsRead.includes(cautionPlace(step))));
    if (step.built.call) setCall(step.built.call);
  };
  return { number, planned, at, go, goAt: (reading: number) => put(planned.step.id, reading) };
};

/** Key of a step's cautions. */
export const cautionPlace = ({ step }: PlannedStep): string => `startup-${step.id}`;
