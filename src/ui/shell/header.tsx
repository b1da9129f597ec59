'use client';

import { CircleQuestionMark, Search } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { jobName } from '@/core/job/job-name';
import { DegreesButton } from '../degrees/degrees-button';
import { useJob } from '../job/provider';
import { jobQuery } from '../job/query';
import { AppMark } from '../kit/app-mark';
import { ThemeButton } from '../theme/theme-button';
import { guideFor } from './guide-parts';
import { PageMenu } from './page-menu';
import { SaveState } from './save-state';
import { JOB_PAGES } from './screens';

/** Job name, pages, and save state in one row. */
export const JobHeader = ({ onCommands }: { onCommands: () => void }) => {
  const here = usePathname().split('/')[3];
  const id = useJob((job) => job.saved.id);
  const name = useJob((job) => jobName(job.facts));
  const query = useJob(jobQuery);
  const pages = JOB_PAGES.map((page) => ({ ...page, href: `/jobs/${id}/${page.path}?${query}` }));
  return (
    <header className="no-print sticky top-0 z-20 flex min-h-12 items-center gap-x-2 border-b border-ink bg-paper px-1 sm:px-3 [@media(max-height:500px)]:static">
      <Link href="/" className="bare-button" aria-label="All jobs">
        <AppMark />
      </Link>
      <h1 title={name} className="min-w-0 flex-1 truncate font-label text-lg leading-tight font-semibold sm:text-xl">
        {name}
      </h1>
      <nav aria-label="Pages of the job" className="hidden self-stretch lg:flex">
        {pages.map(({ path: page, title: label, href }, at) => (
          <Link
            key={page}
            href={href}
            prefetch={false}
            aria-current={page === here ? 'page' : undefined}
            className={`flex min-h-11 items-center gap-1.5 border-b-4 px-2 font-label text-lg xl:px-2.5 ${page === here ? 'border-ink font-semibold' : 'border-transparent text-quiet hover:text-ink'}`}
          >
            <span aria-hidden className="font-mono text-xs max-xl:hidden">
              {at + 1}
            </span>
            {label}
          </Link>
        ))}
      </nav>
      <SaveState />
      <Link
        href={guideFor(here)}
        prefetch={false}
        className="bare-button max-lg:hidden"
        aria-label="Guide to this page"
        title="Guide to this page"
      >
        <CircleQuestionMark size={20} aria-hidden />
      </Link>
      <button
        type="button"
        className="bare-button max-lg:hidden"
        onClick={onCommands}
        aria-label="Find"
        title="Find a page, job or action ( / )"
      >
        <Search size={20} aria-hidden />
      </button>
      <span className="max-lg:hidden">
        <DegreesButton />
      </span>
      <span className="max-lg:hidden">
        <ThemeButton />
      </span>
      <PageMenu pages={pages} here={here} onCommands={onCommands} />
    </header>
  );
};
