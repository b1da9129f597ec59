import { PageTabs } from '../job/page-tabs';

const TABS = [
  { path: '', label: 'Minute by minute' },
  { path: 'defrost', label: 'Defrost' },
  { path: 'house', label: 'House test' },
];

/** Tabs of Simulate: the day on its time axis, and one defrost in detail. */
export const SimulateTabs = () => <PageTabs page="simulate" label="Simulate" tabs={TABS} />;
