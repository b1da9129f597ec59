import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Strips' };

const StripsLayout = ({ children }: { children: React.ReactNode }) => children;

export default StripsLayout;
