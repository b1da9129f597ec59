'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useJob } from './provider';
import { jobQuery } from './query';

interface PageTabsProps {
  /** Id of the job's page. */
  readonly page: string;
  readonly label: string;
  /** Its tabs; the path of the first screen is empty. */
  readonly tabs: readonly { readonly path: string; readonly label: string }[];
}

/** Tabs of a page of the job. The moment is kept. */
export const PageTabs = ({ page, label: name, tabs }: PageTabsProps) => {
  const id = useJob((job) => job.saved.id);
  const query = useJob(jobQuery);
  const here = usePathname().split('/').slice(4).join('/');
  return (
    <nav aria-label={name} className="no-print mb-4 flex flex-wrap gap-x-1 border-b border-line">
      {tabs.map(({ path, label }) => (
        <Link
          key={path}
          href={`/jobs/${id}/${page}${path && `/${path}`}?${query}`}
          prefetch={false}
          aria-current={here === path ? 'page' : undefined}
          className={`flex min-h-11 shrink-0 items-center px-3 ${here === path ? 'bg-ink font-semibold text-paper' : 'text-quiet hover:text-ink'}`}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
};
