'use client';

import { jobName } from '@/core/job/document';
import { useJob } from '@/ui/job/provider';
import { useModel } from '@/ui/job/use-model';
import { useMoment } from '@/ui/job/use-moment';
import { shownVisit } from '@/ui/job/visits';
import { StartupPrint } from '@/ui/startup/startup-print';
import { StepDesk } from '@/ui/startup/step-desk';
import { StepPhone } from '@/ui/startup/step-phone';
import { useStep } from '@/ui/startup/use-step';
import { useVisitList } from '@/ui/startup/use-visit-list';
import { NARROW_SCREEN, useMedia } from '@/ui/use-media';
import { usePrinting } from '@/ui/use-printing';

const StartupPage = () => {
  const readings = useJob((job) => job.readings);
  const moment = useMoment();
  const confirmed = useJob((job) => job.confirmed);
  const facts = useJob((job) => job.facts);
  const model = useModel();
  const reason = useJob((job) => shownVisit(job)?.reason ?? 'new');
  const { steps, list } = useVisitList(model.startup(readings, moment, confirmed), reason);
  const { number, planned, at, go, goAt } = useStep(steps);
  const tried = model.tried(readings, moment, planned);
  const isPrinting = usePrinting();
  const isPhone = useMedia(NARROW_SCREEN);
  return (
    <>
      {isPrinting && <StartupPrint steps={steps} name={jobName(facts)} />}
      {isPhone ? (
        <div className="print:hidden">
          <StepPhone steps={steps} list={list} number={number} at={at} tried={tried} onGo={go} onAt={goAt} />
        </div>
      ) : (
        // The server does not know the screen: a phone shows nothing until it has said so.
        <div className="max-sm:invisible print:hidden">
          <StepDesk steps={steps} list={list} number={number} tried={tried} onGo={go} />
        </div>
      )}
    </>
  );
};

export default StartupPage;
