import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Setup' };

const SetupLayout = ({ children }: { children: React.ReactNode }) => children;

export default SetupLayout;
