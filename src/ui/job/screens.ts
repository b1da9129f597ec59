import type { AlongParts } from '@/core/job/along';
import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/job/controllers';

/** A screen of a job: where it stands below the job's address, what it is called, and what it needs beside the job. */
export interface JobScreen {
  readonly path: string;
  readonly title: string;
  readonly needs?: keyof AlongParts;
}

/** Every screen of a job. */
export const JOB_SCREENS: readonly JobScreen[] = [
  { path: 'sheet', title: 'Sheet' },
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
  { path: 'crossing', title: 'Crossing' },
  { path: 'crossing/year', title: 'Year and ways', needs: 'weather' },
  { path: 'crossing/air', title: 'Supply air' },
  { path: 'day', title: 'Day run', needs: 'weather' },
  { path: 'day/defrost', title: 'Defrost', needs: 'weather' },
  { path: 'day/house', title: 'House as measured', needs: 'weather' },
  { path: 'startup', title: 'Startup' },
  { path: 'trouble', title: 'Trouble' },
  { path: 'handover', title: 'Handover', needs: 'handovers' },
  { path: 'handover/label', title: 'Panel label' },
];

/** The screen at a path below a job's address; undefined where there is none. */
export const jobScreen = (path: string): JobScreen | undefined => JOB_SCREENS.find((screen) => screen.path === path);

/** What stands below a job's address in the address of a page. */
export const screenPathOf = (pathname: string): string => pathname.split('/').slice(3).join('/');
