import { PageTabs } from '../kit/page-tabs';

const TABS = [
  { path: '', label: 'By the minute' },
  { path: 'defrost', label: 'Defrost' },
  { path: 'house', label: 'Measured house' },
];

/** The ways through Day run: the day on its time axis, and one defrost magnified. */
export const DayTabs = () => <PageTabs page="simulate" label="Day run" tabs={TABS} />;
