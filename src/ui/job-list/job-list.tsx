'use client';

import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import type { JobListQuery } from '@/core/job-list/job-list-query';
import { type JobListPage, type JobSummary, type Stage, STAGES } from '@/core/job-list/job-summary';
import { DegreesButton } from '@/ui/degrees/degrees-button';
import { NewJob, type SampleChoice } from '@/ui/job-list/new-job';
import { AppMark } from '@/ui/kit/app-mark';
import { isTyping } from '@/ui/kit/is-typing';
import { lazyClient } from '@/ui/loading/lazy-client';
import { useAtWork, useMay } from '@/ui/person/at-work';
import { ThemeButton } from '@/ui/theme/theme-button';
import { EmptyJobList } from './empty-job-list';
import { ImportButton } from './import-button';
import { JobTable } from './job-table';
import { useJobList } from './use-job-list';
import { useJobListActions } from './use-job-list-actions';

const NoteDialog = lazyClient(() => import('@/ui/crew/note-dialog').then((module) => module.NoteDialog));

interface BoardProps {
  readonly page: JobListPage;
  readonly question: JobListQuery;
  readonly samples: readonly SampleChoice[];
}

const FILTERS: readonly (Pick<JobListQuery, 'isArchived' | 'stage'> & { readonly label: string })[] = [
  { label: 'All', stage: null, isArchived: false },
  ...(Object.entries(STAGES) as [Stage, string][]).map(([stage, label]) => ({ label, stage, isArchived: false })),
  { label: 'Archived', stage: null, isArchived: true },
];

/** The job list: one line per job with open items, next step and lockouts. */
export const JobList = ({ page, question, samples }: BoardProps) => {
  const { me } = useAtWork();
  const mayChange = useMay('change');
  const [noted, setNoted] = useState<JobSummary | null>(null);
  const { jobs, next, asked, isBusy, ask, refresh, more, drop } = useJobList(page, question);
  const { words, isArchived, sort, stage } = asked;
  const { move, copy, leaveNote, takeAlong, openSample, beginWalk } = useJobListActions({ isArchived, refresh, drop });
  const search = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '/' || isTyping(event.target) || document.querySelector('[role="dialog"]')) return;
      event.preventDefault();
      search.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const isNarrowed = words.trim() !== '' || stage !== null;
  return (
    <main className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <header className="flex flex-wrap items-center gap-x-2 gap-y-1 border-b-2 border-ink pb-3">
        <AppMark size={36} />
        <h1 className="flex-1 page-head whitespace-nowrap max-sm:text-2xl">Gate Cross</h1>
        <DegreesButton />
        <ThemeButton />
        <Link href="/crew" prefetch={false} className="plain-button max-sm:max-w-28" title="Your crew">
          <span className="min-w-0 truncate">{me}</span>
        </Link>
        <Link href="/guide/start" prefetch={false} className="plain-button">
          Guide
        </Link>
        <Link href="/library" prefetch={false} className="plain-button">
          Library
        </Link>
        {mayChange && (
          <>
            <ImportButton onDone={refresh} />
            <NewJob samples={samples} />
          </>
        )}
      </header>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2 pt-3 pb-1">
        <input
          ref={search}
          type="search"
          aria-label="Search jobs"
          placeholder="Name, customer, street, town ( / )"
          value={words}
          onChange={(event) => ask({ words: event.target.value })}
          className="field-box min-w-0 flex-1 basis-40 text-lg"
        />
        <div role="group" aria-label="Show jobs" className="flex flex-wrap">
          {FILTERS.map(({ label, ...which }) => (
            <button
              key={label}
              type="button"
              aria-pressed={which.isArchived === isArchived && which.stage === stage}
              onClick={() => ask(which)}
              className="bare-button px-2.5 aria-pressed:bg-ink aria-pressed:text-paper max-sm:px-1.5"
            >
              {label}
            </button>
          ))}
        </div>
      </div>
      {jobs.length > 0 ? (
        <JobTable
          jobs={jobs}
          hasMore={next !== null}
          sort={sort}
          isBusy={isBusy}
          onSort={(by) => ask({ sort: by })}
          onMore={more}
          onMove={(job, action) => move(job, action)}
          onCopy={copy}
          onNote={setNoted}
          onTake={(job) => takeAlong([job])}
        />
      ) : isNarrowed || isArchived ? (
        <p className="py-10 text-center text-lg text-quiet">
          {words.trim() ? 'No jobs match.' : isNarrowed ? 'No jobs at this stage.' : 'Nothing is archived.'}
        </p>
      ) : (
        <EmptyJobList samples={samples} onWalk={() => void beginWalk()} onSample={openSample} />
      )}
      {noted && (
        <NoteDialog first={noted.note} onLeave={(words) => leaveNote(noted, words)} onClose={() => setNoted(null)} />
      )}
      {jobs.length > 0 && (
        <p className="py-4 text-sm text-quiet">
          New here?{' '}
          <button type="button" className="bare-button px-1 text-link" onClick={() => void beginWalk()}>
            Two-minute tour
          </button>{' '}
          <Link href="/truck" prefetch={false} className="bare-button px-1 text-link">
            Truck list for a day’s jobs
          </Link>{' '}
          <Link href="/practice" prefetch={false} className="bare-button px-1 text-link">
            Practice
          </Link>{' '}
          <Link href="/device" prefetch={false} className="bare-button px-1 text-link">
            On this device
          </Link>{' '}
          <button type="button" className="bare-button px-1 text-link" onClick={() => takeAlong(jobs)}>
            {jobs.length === 1 ? 'Save this job on this device' : `Save these ${jobs.length} jobs on this device`}
          </button>
        </p>
      )}
    </main>
  );
};
