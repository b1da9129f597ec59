import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/job/controllers';
import type { BundleParts } from '@/core/sync/job/job-bundle';
import { currentPath } from './old-paths';

/**
 * A screen of a job: path below the job's address, title, and required data. Screens without a slash in their path are
 * the job's pages: the header lists them in this order, the digit keys open them, each has a part of the guide.
 */
export interface JobScreen {
  readonly path: string;
  readonly title: string;
  readonly needs?: keyof BundleParts;
}

/** Every screen of a job, in working order: the only list of them. */
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

/** Pages of a job in working order. */
export const JOB_PAGES = JOB_SCREENS.filter(({ path }) => !path.includes('/'));

/** The screen at a path below a job's address; undefined if none. */
export const jobScreen = (path: string): JobScreen | undefined => JOB_SCREENS.find((screen) => screen.path === path);

/** The present path of a screen, from an old or present address. */
export const screenPathOf = (pathname: string): string => currentPath(pathname.split('/').slice(3).join('/'));
