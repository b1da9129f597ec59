'use client';

import { StartupPrint } from './startup-print';
import { StepPhone } from './step-phone';
import { useStartup } from './use-startup';

/** Startup on narrow screens: one reading at a time. */
export const StartupPhone = () => {
  const startup = useStartup();
  return (
    <>
      <StartupPrint steps={startup.steps} />
      {/* A device that was narrow once and is wide today shows nothing until it has said so. */}
      <div className="sm:invisible print:hidden">
        <StepPhone {...startup} />
      </div>
    </>
  );
};
