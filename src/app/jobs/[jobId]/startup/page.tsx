'use client';

import { jobName } from '@/core/job/document';
import { type ReturnItem, returnVisit } from '@/core/startup/return-visit';
import { useJob } from '@/ui/job/provider';
import { useModel } from '@/ui/job/use-model';
import { useMoment } from '@/ui/job/use-moment';
import { shownVisit } from '@/ui/job/visits';
import { StartupPrint } from '@/ui/startup/startup-print';
import { StepDesk } from '@/ui/startup/step-desk';
import { StepPhone } from '@/ui/startup/step-phone';
import { useRoute } from '@/ui/startup/use-route';
import { useStep } from '@/ui/startup/use-step';
import { useVisitList } from '@/ui/startup/use-visit-list';
import { NARROW_SCREEN, useMedia } from '@/ui/use-media';
import { usePrinting } from '@/ui/use-printing';

const NO_RETURNS: readonly ReturnItem[] = [];

const StartupPage = () => {
  const readings = useJob((job) => job.readings);
  const moment = useMoment();
  const confirmed = useJob((job) => job.confirmed);
  const facts = useJob((job) => job.facts);
  const model = useModel();
  const reason = useJob((job) => shownVisit(job)?.reason ?? 'new');
  const all = model.startup(readings, moment, confirmed);
  const { steps: listed, list } = useVisitList(all, reason);
  const { steps, route } = useRoute(facts, listed);
  const { number, planned, at, go, goAt } = useStep(steps);
  const tried = model.tried(readings, moment, planned);
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

export default StartupPage;
