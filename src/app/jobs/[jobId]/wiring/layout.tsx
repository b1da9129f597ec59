import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Wiring' };

const WiringLayout = ({ children }: { children: React.ReactNode }) => children;

export default WiringLayout;
