'use client';

import { memo, useMemo } from 'react';
import { rulerSentence } from '@/core/balance/ruler-sentence';
import { supplyAir } from '@/core/balance/supply-air';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { useModel, useMoment } from '../job/deferred-model';

const SOUND = {
  calm: 'text-ink',
  strips: 'text-ink',
  short: 'font-semibold text-warn',
  hole: 'font-semibold text-fail',
} as const;

/** What runs at the needle and whether it is enough, in a sentence that follows the needle. */
export const RulerSentence = memo(function RulerSentence() {
  const { facts, state: stateAt } = useModel();
  const moment = useMoment();
  const degrees = useDegrees();
  const state = stateAt(moment);
  const verdict = useMemo(() => rulerSentence(facts, state, moment), [facts, state, moment]);
  const supply = supplyAir(facts, state, moment);
  return (
    <p
      aria-live="polite"
      className={`min-w-0 basis-full pb-0.5 text-[0.8125rem] leading-[1.2] max-lg:line-clamp-2 lg:flex-1 lg:basis-0 lg:pb-0 lg:text-sm lg:leading-tight xl:text-base xl:leading-tight ${SOUND[verdict.grade]}`}
    >
      <LocalizedDegrees>{verdict.text}</LocalizedDegrees>
      {supply.kind === 'heat' && <span className="text-quiet"> Register about {degrees.text(supply.supplyF, 0)}.</span>}
    </p>
  );
});
