import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Handover' };

const HandoverLayout = ({ children }: { children: React.ReactNode }) => children;

export default HandoverLayout;
