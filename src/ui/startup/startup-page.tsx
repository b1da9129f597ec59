'use client';

import { jobName } from '@/core/job/job-name';
import { type ReturnItem, returnVisit } from '@/core/startup/return-visit';
import { startupOf } from '@/core/startup/startup-of';
import { triedReadings } from '@/core/startup/tried';
import { useModel, useMoment } from '../job/following';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { NARROW_SCREEN, useMedia } from '../use-media';
import { usePrinting } from '../use-printing';
import { StartupPrint } from './startup-print';
import { StepDesk } from './step-desk';
import { StepPhone } from './step-phone';
import { useRoute } from './use-route';
import { useStep } from './use-step';
import { useVisitList } from './use-visit-list';

const NO_RETURNS: readonly ReturnItem[] = [];

export const StartupPage = () => {
  const readings = useJob((job) => job.readings);
  const moment = useMoment();
  const confirmed = useJob((job) => job.confirmed);
  const facts = useJob((job) => job.facts);
  const model = useModel();
  const reason = useJob((job) => shownVisit(job)?.reason ?? 'new');
  const all = startupOf(model, readings, moment, confirmed);
  const { steps: listed, list } = useVisitList(all, reason);
  const { steps, route } = useRoute(facts, listed);
  const { number, planned, at, go, goAt } = useStep(steps);
  const tried = triedReadings(model, readings, moment, planned);
  // The last step says what is left for another day, whatever list today's visit has.
  const returns = planned.step.id === 'leave' ? returnVisit(facts, all) : NO_RETURNS;
  const isPrinting = usePrinting();
  const isPhone = useMedia(NARROW_SCREEN);
  return (
    <>
      {isPrinting && <StartupPrint steps={steps} name={jobName(facts)} />}
      {isPhone ? (
        <div className="print:hidden">
          <StepPhone
            steps={steps}
            list={list}
            route={route}
            number={number}
            at={at}
            tried={tried}
            returns={returns}
            onGo={go}
            onAt={goAt}
          />
        </div>
      ) : (
        // The server does not know the screen: a phone shows nothing until it has said so.
        <div className="max-sm:invisible print:hidden">
          <StepDesk steps={steps} list={list} route={route} number={number} tried={tried} returns={returns} onGo={go} />
        </div>
      )}
    </>
  );
};
