import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Day run' };

const DayLayout = ({ children }: { children: React.ReactNode }) => children;

export default DayLayout;
