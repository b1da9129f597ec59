'use client';

import { CALLS } from '@/core/control/moment';
import { kitRows } from '@/core/job/kit-rows';
import { stripsAnswer } from '@/core/strips/strips-answer';
import { PageAnswer } from '../findings/page-answer';
import { useMoment } from '../job/deferred-model';
import { PersonLine } from '../job/person-line';
import { useJob } from '../job/provider';
import { lazyBelowFold } from '../loading/lazy-below-fold';
import { ListenButton } from '../meter/listen-button';
import { Cautions } from '../stop-work/cautions';
import { ClampExpected } from './clamp-expected';
import { ClampReading } from './clamp-reading';
import { LadderDrawing } from './ladder/ladder-drawing';
import { NoStrips } from './no-strips';
import { PartCard } from './part-card';
import { SecondSlider } from './second-slider';
import { useLadder } from './use-ladder';

const StripsBelow = lazyBelowFold(() => import('./strips-below').then((module) => module.StripsBelow));

/** Seconds after the slowest switch that the slider still covers. */
const AFTERWARDS_S = 15;

const CAUTIONS = [
  'Line voltage is lethal. One leg of each element stays live with its sequencer open: only the breaker kills it.',
  'Open, lock out and verify every supply dead before hands go in.',
];

const CALLS_HERE = ['off', 'heat-aux', 'emergency'] as const;

const Kit = () => {
  const { call } = useMoment();
  const setCall = useJob((job) => job.setCall);
  const { state, settled, seconds, setSeconds, clamp, setClamp, volts, measuredVolts, ...ladder } = useLadder();
  const isDroppingOut = state.rungs.some(({ isClosed, hasCall }) => isClosed && !hasCall);
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <Cautions place="strips" lines={CAUTIONS} />
      <PageAnswer>{stripsAnswer(call, settled)}</PageAnswer>
      <div className="gap-8 lg:flex">
        <section aria-label="Ladder" className="lg:w-[38rem] lg:shrink-0 [@media(max-height:500px)]:lg:w-full">
          <div className="mb-2 flex flex-wrap items-center gap-2">
            {CALLS_HERE.map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={call === each}
                onClick={() => {
                  setCall(each);
                  setSeconds(0);
                }}
                className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
              >
                {CALLS[each].short}
              </button>
            ))}
          </div>
          <p className="text-sm text-quiet">
            Seconds since the call changed
            {isDroppingOut && '; strips still dropping out from the last call'}
          </p>
          <SecondSlider seconds={seconds} mostS={state.settlesS + AFTERWARDS_S} onChange={setSeconds} />
          <LadderDrawing
            state={state}
            suppliedVolts={volts}
            openBreakers={ladder.openBreakers}
            part={ladder.part}
            clamp={clamp}
            onPart={ladder.setPart}
            onClamp={setClamp}
            onBreaker={ladder.toggleBreaker}
          />
        </section>
        <div className="mt-4 min-w-0 flex-1 lg:mt-0">
          <PartCard panel={ladder.panel} />
          <ClampExpected
            clamp={clamp}
            onClamp={setClamp}
            state={state}
            seconds={seconds}
            volts={volts}
            isMeasured={measuredVolts !== null}
          />
          <PersonLine />
          <ListenButton />
          <ClampReading clamp={clamp} state={state} measuredVolts={measuredVolts} />
        </div>
      </div>
      <StripsBelow />
    </div>
  );
};

export const StripsPage = () => {
  const hasStrips = useJob((job) => kitRows(job.facts).length > 0);
  return hasStrips ? <Kit /> : <NoStrips />;
};
