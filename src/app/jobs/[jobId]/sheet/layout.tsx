import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Sheet' };

const SheetLayout = ({ children }: { children: React.ReactNode }) => children;

export default SheetLayout;
