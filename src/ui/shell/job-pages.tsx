'use client';

import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { ownValue } from '@/core/border/own-value';
import { CONTROLLER_ROLES } from '@/core/job/controllers';
import { jobName } from '@/core/job/job-name';
import type { BundleParts } from '@/core/sync/job/job-bundle';
import { useJob } from '../job/provider';
import { BundleActionsProvider, useBundle } from '../job/use-saved-jobs';
import { useNarrow } from '../kit/screen';
import { markHydrating } from '../loading/early-input/mark-hydrating';
import { scrollToTop } from './go';
import { type JobScreen, jobScreen, screenPathOf } from './screens';

const AirPage = dynamic(() => import('../balance/air-page').then((module) => markHydrating(module.AirPage)));
const CardPage = dynamic(() => import('../setup/card/card-page').then((module) => markHydrating(module.CardPage)));
const ChangeoutPage = dynamic(() =>
  import('../changeout/changeout-page').then((module) => markHydrating(module.ChangeoutPage)),
);
const BalancePage = dynamic(() =>
  import('../balance/balance-page').then((module) => markHydrating(module.BalancePage)),
);
const SimulatePage = dynamic(() =>
  import('../simulate/simulate-page').then((module) => markHydrating(module.SimulatePage)),
);
const DefrostPage = dynamic(() =>
  import('../simulate/defrost/defrost-page').then((module) => markHydrating(module.DefrostPage)),
);
const HandoverView = dynamic(() =>
  import('../handover/handover-view').then((module) => markHydrating(module.HandoverView)),
);
const JobLabel = dynamic(() => import('../label/job-label').then((module) => markHydrating(module.JobLabel)));
const JobTruckPage = dynamic(() =>
  import('../truck/job-truck-page').then((module) => markHydrating(module.JobTruckPage)),
);
const MeasuredPage = dynamic(() =>
  import('../simulate/measured/measured-page').then((module) => markHydrating(module.MeasuredPage)),
);
const ServicePage = dynamic(() =>
  import('../service/service-page').then((module) => markHydrating(module.ServicePage)),
);
const SetupPage = dynamic(() => import('../setup/setup-page').then((module) => markHydrating(module.SetupPage)));
const SurveyPage = dynamic(() => import('../survey/survey-page').then((module) => markHydrating(module.SurveyPage)));
const StartupDesk = dynamic(() =>
  import('../startup/startup-desk').then((module) => markHydrating(module.StartupDesk)),
);
const StartupPhone = dynamic(() =>
  import('../startup/startup-phone').then((module) => markHydrating(module.StartupPhone)),
);
const StripsPage = dynamic(() => import('../strips/strips-page').then((module) => markHydrating(module.StripsPage)));
const TalkPage = dynamic(() => import('../setup/talk-page').then((module) => markHydrating(module.TalkPage)));
const DiagnosePage = dynamic(() =>
  import('../diagnose/diagnose-page').then((module) => markHydrating(module.DiagnosePage)),
);
const WiringPage = dynamic(() => import('../wiring/wiring-page').then((module) => markHydrating(module.WiringPage)));
const YearPage = dynamic(() => import('../balance/year/year-page').then((module) => markHydrating(module.YearPage)));

const StartupPage = () => (useNarrow() ? <StartupPhone /> : <StartupDesk />);

type Draw = (parts: BundleParts) => React.ReactNode;

const SCREENS: Readonly<Record<string, Draw>> = {
  survey: () => <SurveyPage />,
  strips: () => <StripsPage />,
  'strips/service': () => <ServicePage />,
  wiring: () => <WiringPage />,
  'wiring/changeout': () => <ChangeoutPage />,
  'wiring/truck': () => <JobTruckPage />,
  setup: () => <SetupPage />,
  'setup/talk': () => <TalkPage />,
  ...Object.fromEntries(
    CONTROLLER_ROLES.map((role): [string, Draw] => [
      `setup/card/${role}`,
      ({ profiles }) => <CardPage role={role} own={profiles.map(({ profile }) => profile)} />,
    ]),
  ),
  balance: () => <BalancePage />,
  'balance/year': ({ weather }) => <YearPage brought={weather} />,
  'balance/air': () => <AirPage />,
  simulate: ({ weather }) => <SimulatePage brought={weather} />,
  'simulate/defrost': ({ weather }) => <DefrostPage brought={weather} />,
  'simulate/house': ({ weather }) => <MeasuredPage brought={weather} />,
  startup: () => <StartupPage />,
  diagnose: () => <DiagnosePage />,
  handover: ({ handovers }) => <HandoverView handovers={handovers} />,
  'handover/label': () => <JobLabel />,
};

const NOTHING: BundleParts = { weather: [], handovers: [], profiles: [] };

/** Data of a screen is loading, or not available. */
const Waiting = ({ isMissing }: { isMissing: boolean }) => (
  <p role="status" className="px-4 py-10 text-center text-quiet">
    {isMissing ? 'This page is not saved on this device and the server is not responding.' : 'Getting it…'}
  </p>
);

/**
 * The screen of a job that the address names. Switching screens asks no server: the job is here.
 * @param initial server data for the requested screen
 */
export const JobPages = ({ initial }: { initial: Partial<BundleParts> }) => {
  const path = screenPathOf(usePathname());
  const screen: JobScreen | undefined = jobScreen(path);
  const { parts, isMissing, acts } = useBundle(initial, screen?.needs);
  const name = useJob((job) => jobName(job.facts));
  useEffect(() => {
    if (screen) document.title = `${screen.title} · ${name} · Gate Cross`;
  }, [screen, name]);
  useEffect(scrollToTop, [path]);
  if (!screen) return null;
  const isHere = screen.needs === undefined || parts[screen.needs] !== undefined;
  return isHere ? (
    <BundleActionsProvider value={acts}>
      <div key={path}>{ownValue(SCREENS, path)!({ ...NOTHING, ...parts })}</div>
    </BundleActionsProvider>
  ) : (
    <Waiting isMissing={isMissing} />
  );
};
