import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Startup' };

const StartupLayout = ({ children }: { children: React.ReactNode }) => children;

export default StartupLayout;
