'use client';

import { StartupPrint } from './startup-print';
import { StepDesk } from './step-desk';
import { useStartup } from './use-startup';

/** Startup on wide screens: a whole step. */
export const StartupDesk = () => {
  const startup = useStartup();
  return (
    <>
      <StartupPrint steps={startup.steps} />
      {/* The server may not know the screen yet: a phone shows nothing until it has said so. */}
      <div className="max-sm:invisible print:hidden">
        <StepDesk {...startup} />
      </div>
    </>
  );
};
