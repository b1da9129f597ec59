import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/job/controllers';
import type { BundleParts } from '@/core/sync/job-bundle';
import { currentPath } from './old-paths';

/** A screen of a job: path below the job's address, title, and required data. */
export interface JobScreen {
  readonly path: string;
  readonly title: string;
  readonly needs?: keyof BundleParts;
}

/** Every screen of a job. */
export const JOB_SCREENS: readonly JobScreen[] = [
  { path: 'survey', title: 'Survey' },
  { path: 'strips', title: 'Strips' },
  { path: 'strips/service', title: 'House service' },
  { path: 'wiring', title: 'Wiring' },
  { path: 'wiring/changeout', title: 'Changeout' },
  { path: 'wiring/truck', title: 'Truck list' },
  { path: 'setup', title: 'Setup' },
  { path: 'setup/talk', title: 'Talk' },
  ...CONTROLLER_ROLES.map((role): JobScreen => ({
    path: `setup/card/${role}`,
    title: `Card: ${CONTROLLERS[role]}`,
    needs: 'profiles',
  })),
  { path: 'balance', title: 'Balance' },
  { path: 'balance/year', title: 'Year and ways', needs: 'weather' },
  { path: 'balance/air', title: 'Supply air' },
  { path: 'simulate', title: 'Simulate', needs: 'weather' },
  { path: 'simulate/defrost', title: 'Defrost', needs: 'weather' },
  { path: 'simulate/house', title: 'House test', needs: 'weather' },
  { path: 'startup', title: 'Startup' },
  { path: 'diagnose', title: 'Diagnose' },
  { path: 'handover', title: 'Handover', needs: 'handovers' },
  { path: 'handover/label', title: 'Panel label' },
];

/** The screen at a path below a job's address; undefined if none. */
export const jobScreen = (path: string): JobScreen | undefined => JOB_SCREENS.find((screen) => screen.path === path);

/** The present path of a screen, from an old or present address. */
export const screenPathOf = (pathname: string): string => currentPath(pathname.split('/').slice(3).join('/'));
