import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/job/controllers';
import { PageTabs } from '../job/page-tabs';

const TABS = [
  { path: 'talk', label: 'Talk' },
  { path: '', label: 'Settings' },
  ...CONTROLLER_ROLES.map((role) => ({ path: `card/${role}`, label: CONTROLLERS[role] })),
];

/** Tabs of Setup: questions, settings, and a card for each controller. */
export const SetupTabs = () => <PageTabs page="setup" label="Setup" tabs={TABS} />;
