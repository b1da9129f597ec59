'use client';

import { useJob } from '@/ui/job/provider';
import { useModel } from '@/ui/job/use-model';
import { StepDesk } from '@/ui/startup/step-desk';
import { StepPhone } from '@/ui/startup/step-phone';
import { useStep } from '@/ui/startup/use-step';
import { NARROW_SCREEN, useMedia } from '@/ui/use-media';

const StartupPage = () => {
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const confirmed = useJob((job) => job.confirmed);
  const model = useModel();
  const steps = model.startup(readings, moment, confirmed);
  const { number, planned, at, go, goAt } = useStep(steps);
  const tried = model.tried(readings, moment, planned);
  const isPhone = useMedia(NARROW_SCREEN);
  return isPhone ? (
    <StepPhone steps={steps} number={number} at={at} tried={tried} onGo={go} onAt={goAt} />
  ) : (
    // The server does not know the screen: a phone shows nothing until it has said so.
    <div className="max-sm:invisible">
      <StepDesk steps={steps} number={number} tried={tried} onGo={go} />
    </div>
  );
};

export default StartupPage;
