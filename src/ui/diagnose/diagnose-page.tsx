'use client';

import { useState } from 'react';
import { causesOf } from '@/core/causes';
import { complaintWords, lastFixed } from '@/core/diagnosis/recorded-items';
import { seenWord } from '@/core/job/reading';
import { startupOf } from '@/core/startup/startup-of';
import { useModel, useMoment } from '../job/deferred-model';
import { PersonLine } from '../job/person-line';
import { useJob } from '../job/provider';
import { VisitLine } from '../job/visit-line';
import { FailedTask } from '../kit/failed-task';
import { ListenButton } from '../meter/listen-button';
import { StopBanner } from '../stop-work/stop-banner';
import { ComplaintPick } from './complaint-pick';
import { Ending } from './ending';
import { ProbeCard } from './probe-card';
import { RecheckList } from './prove-again';
import { PutBack } from './put-back';
import { ReadList } from './read-list';
import { SuspectList } from './suspect-list';
import { useDiagnosis } from './use-diagnosis';

/** The last fix on this visit, with the startup steps to recheck. */
const Fixed = () => {
  const readings = useJob((job) => job.readings);
  const confirmed = useJob((job) => job.confirmed);
  const moment = useMoment();
  const model = useModel();
  const fixed = lastFixed(readings);
  const id = fixed && seenWord(fixed.value);
  const cause = id ? causesOf(model.facts, model.wall.harness).find((each) => each.id === id) : undefined;
  if (!fixed || !cause) return null;
  const steps = startupOf(model, readings, moment, confirmed).filter(({ step }) => cause.proves.includes(step.id));
  return <RecheckList words={cause.words} fixed={fixed} steps={steps} />;
};

/** From a complaint to the cause with the least work. */
export const DiagnosePage = () => {
  const { trouble, isWorking, hasFailed, again, askTonight } = useDiagnosis();
  const [isAsking, setAsking] = useState(false);
  const [chosenId, setChosen] = useState<string | null>(null);
  const said = complaintWords(trouble?.complaint ?? null);
  const hasBegun = trouble !== null && (trouble.complaint !== null || trouble.evidence.length > 0);
  const other = trouble?.others.find(({ probe }) => probe.id === chosenId);
  const shown = other ?? trouble?.next ?? null;
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      {hasFailed && <FailedTask words="The suspects could not be calculated on this device." onAgain={again} />}
      {!trouble && !hasFailed && (
        <p role="status" className="text-lg text-quiet">
          Calculating what each fault would read …
        </p>
      )}
      {trouble && (
        <>
          <StopBanner />
          <PutBack />
          <Fixed />
          {!hasBegun || isAsking ? (
            <ComplaintPick chosen={trouble.complaint} onChosen={() => setAsking(false)} />
          ) : (
            <p className="mb-3 flex flex-wrap items-center gap-x-3 border-b border-line">
              <span className="text-lg">{said ? `“${said}”` : 'No complaint: working from the readings.'}</span>
              <button type="button" className="bare-button px-1 text-link" onClick={() => setAsking(true)}>
                {said ? 'Another complaint' : 'Choose a complaint'}
              </button>
              <span className="ml-auto">
                <ListenButton />
              </span>
            </p>
          )}
          {hasBegun && (
            <div aria-busy={isWorking} className="grid grid-cols-1 items-start gap-x-10 gap-y-6 lg:grid-cols-[3fr_2fr]">
              <div className="grid min-w-0 grid-cols-1 gap-4">
                <Ending trouble={trouble} ask={askTonight} />
                {shown && (
                  <ProbeCard
                    key={`${shown.probe.id} ${trouble.evidence.length}`}
                    shown={shown}
                    handsOut={trouble.handsOut}
                  />
                )}
                {trouble.others.length > 0 && (
                  <details>
                    <summary className="min-h-11 cursor-pointer py-2 text-link">Read something else</summary>
                    <ul>
                      {trouble.others.map(({ probe, seconds }) => (
                        <li key={probe.id} className="border-b border-line">
                          <button
                            type="button"
                            aria-pressed={probe.id === chosenId}
                            className="flex min-h-11 w-full items-center justify-between gap-3 text-left aria-pressed:font-semibold"
                            onClick={() => setChosen(probe.id === chosenId ? null : probe.id)}
                          >
                            <span>{probe.words}</span>
                            <span className="shrink-0 text-sm text-quiet">
                              {Math.max(1, Math.round(seconds / 60))} min
                            </span>
                          </button>
                        </li>
                      ))}
                    </ul>
                  </details>
                )}
              </div>
              <div className="grid min-w-0 grid-cols-1 gap-6">
                <SuspectList trouble={trouble} />
                <ReadList lines={trouble.evidence} />
                <div>
                  <PersonLine />
                  <VisitLine />
                </div>
              </div>
            </div>
          )}
        </>
      )}
    </div>
  );
};
