import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Crossing' };

const CrossingLayout = ({ children }: { children: React.ReactNode }) => children;

export default CrossingLayout;
