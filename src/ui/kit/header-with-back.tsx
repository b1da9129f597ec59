import Link from 'next/link';
import { AppMark } from './app-mark';

/** Header of a page outside of jobs: logo as back link, then title. */
export const HeaderWithBack = ({
  to,
  toLabel,
  title,
  children,
}: {
  to: string;
  toLabel: string;
  title: string;
  children?: React.ReactNode;
}) => (
  <header className="flex flex-wrap items-center gap-3 border-b-2 border-ink pb-2">
    <Link href={to} className="bare-button" aria-label={toLabel}>
      <AppMark />
    </Link>
    <h1 className="min-w-0 flex-1 truncate page-head">{title}</h1>
    {children}
  </header>
);
