import { PageTabs } from '../kit/page-tabs';

const TABS = [
  { path: '', label: 'Chart' },
  { path: 'year', label: 'Year and ways' },
  { path: 'air', label: 'Supply air' },
];

/** The ways through Crossing: the chart with what it is made of, a year, and the air at the register. */
export const BalanceTabs = () => <PageTabs page="balance" label="Balance" tabs={TABS} />;
