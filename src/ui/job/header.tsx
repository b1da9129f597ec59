'use client';

import { Command, Lightbulb, LightbulbOff } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { jobName } from '@/core/job/document';
import { Mark } from '../mark';
import { switchTheme } from '../theme';
import { JOB_PAGES } from './pages';
import { useJob } from './provider';
import { jobQuery } from './query';
import { SaveState } from './save-state';

/** Name of the job, its pages, and whether it is saved. */
export const JobHeader = ({ onCommands }: { onCommands: () => void }) => {
  const pathname = usePathname();
  const id = useJob((job) => job.saved.id);
  const name = useJob((job) => jobName(job.facts));
  const query = useJob(jobQuery);
  return (
    <header className="no-print sticky top-0 z-20 [@media(max-height:500px)]:static border-b border-ink bg-paper">
      <div className="flex items-center gap-3 px-2 pt-1 sm:px-4">
        <Link href="/" className="bare-button" aria-label="All jobs">
          <Mark />
        </Link>
        <h1 className="min-w-0 flex-1 truncate font-label text-xl font-semibold sm:text-2xl">{name}</h1>
        <SaveState />
        <button
          type="button"
          className="bare-button max-sm:hidden"
          onClick={onCommands}
          aria-label="Commands"
          title="Commands ( / )"
        >
          <Command size={20} aria-hidden />
        </button>
        <button
          type="button"
          className="bare-button"
          onClick={switchTheme}
          aria-label="Lights out or on"
          title="Crawlspace or paper"
        >
          <Lightbulb size={20} aria-hidden className="[[data-theme=crawlspace]_&]:hidden" />
          <LightbulbOff size={20} aria-hidden className="hidden [[data-theme=crawlspace]_&]:block" />
        </button>
      </div>
      <nav aria-label="Pages of the job" className="flex px-1 sm:px-4">
        {JOB_PAGES.map((page, at) => {
          const isHere = pathname.split('/')[3] === page.id;
          return (
            <Link
              key={page.id}
              href={`/jobs/${id}/${page.id}?${query}`}
              prefetch={false}
              aria-current={isHere ? 'page' : undefined}
              className={`flex min-h-11 flex-1 items-center justify-center gap-1.5 border-b-4 px-1 font-label text-lg sm:flex-none sm:px-5 ${isHere ? 'border-ink font-semibold' : 'border-transparent text-quiet hover:text-ink'}`}
            >
              <span aria-hidden className="font-mono text-xs max-sm:hidden">
                {at + 1}
              </span>
              {page.label}
            </Link>
          );
        })}
      </nav>
    </header>
  );
};
