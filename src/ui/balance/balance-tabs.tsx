import { PageTabs } from '../job/page-tabs';

const TABS = [
  { path: '', label: 'Chart' },
  { path: 'year', label: 'Year and ways' },
  { path: 'air', label: 'Supply air' },
];

/** Tabs of Balance: the chart and its data, a year, and register air. */
export const BalanceTabs = () => <PageTabs page="balance" label="Balance" tabs={TABS} />;
