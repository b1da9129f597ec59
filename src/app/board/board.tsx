'use client';

import { Archive, ArchiveRestore, Copy, Ellipsis, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { DropdownMenu } from 'radix-ui';
import { toast } from 'sonner';
import { v4 as uuid } from 'uuid';
import { type BoardPage, type JobSummary } from '@/core/board/job-summary';
import { call, notDone } from '@/ui/api';
import { Mark } from '@/ui/mark';
import { ThemeButton } from '@/ui/theme-button';
import { ImportButton } from './import-button';
import { JobLine } from './job-line';
import { NewJob } from './new-job';
import { useBoard } from './use-board';

interface BoardProps {
  readonly page: BoardPage;
  readonly search: string;
  readonly isArchived: boolean;
  readonly samples: readonly { readonly id: string; readonly about: string }[];
}

type Move = 'archive' | 'restore' | 'delete' | 'undelete';

const OPPOSITE: Record<Move, Move> = { archive: 'restore', restore: 'archive', delete: 'undelete', undelete: 'delete' };
const SAID: Record<Move, string> = {
  archive: 'Archived',
  restore: 'Back on the board',
  delete: 'Deleted',
  undelete: 'Back on the board',
};

const Actions = ({ job, onMove, onCopy }: { job: JobSummary; onMove: (move: Move) => void; onCopy: () => void }) => {
  const item =
    'flex min-h-11 items-center gap-3 rounded px-3 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="bare-button" aria-label={`More for ${job.name}`}>
        <Ellipsis size={20} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-30 min-w-48 rounded border border-line-strong bg-sheet p-1 shadow-md"
        >
          <DropdownMenu.Item className={item} onSelect={onCopy}>
            <Copy size={18} aria-hidden /> Duplicate
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => onMove(job.archivedAt === null ? 'archive' : 'restore')}>
            {job.archivedAt === null ? <Archive size={18} aria-hidden /> : <ArchiveRestore size={18} aria-hidden />}
            {job.archivedAt === null ? 'Archive' : 'Bring back'}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => onMove('delete')}>
            <Trash2 size={18} aria-hidden /> Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
};

/** The board: every job on the bench, one line each. */
export const Board = ({ page, search, isArchived: startsArchived, samples }: BoardProps) => {
  const { jobs, next, words, isArchived, isBusy, ask, refresh, more, drop } = useBoard(page, search, startsArchived);
  const move = async (job: JobSummary, action: Move, isUndo = false) => {
    const answer = await call(`/api/jobs/${job.id}/move`, { method: 'POST', body: { action, author: '' } });
    if (answer.kind !== 'ok') return toast.error(notDone(`${job.name} was not moved.`, answer));
    if (isUndo) refresh();
    else drop(job.id, isArchived);
    toast(`${SAID[action]}: ${job.name}`, {
      action: { label: 'Undo', onClick: () => void move(job, OPPOSITE[action], !isUndo) },
    });
  };
  const copy = async (job: JobSummary) => {
    const answer = await call(`/api/jobs`, { method: 'POST', body: { id: uuid(), from: 'copy', source: job.id } });
    if (answer.kind !== 'ok') return toast.error(notDone(`${job.name} was not duplicated.`, answer));
    refresh();
    toast(`Duplicated: ${job.name}`);
  };
  return (
    <main className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <header className="flex flex-wrap items-center gap-3 border-b-2 border-ink pb-3">
        <Mark size={36} />
        <h1 className="flex-1 font-label text-3xl font-semibold">Gate Cross</h1>
        <Link href="/library" prefetch={false} className="plain-button">
          Library
        </Link>
        <ThemeButton />
        <ImportButton onDone={refresh} />
        <NewJob samples={samples} />
      </header>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2 py-3">
        <input
          type="search"
          aria-label="Search jobs"
          placeholder="Name, customer, street, town"
          value={words}
          onChange={(event) => ask(event.target.value, isArchived)}
          className="field-box min-w-0 flex-1 basis-40 text-lg"
        />
        <div role="group" aria-label="Which jobs" className="flex flex-wrap">
          {[false, true].map((archived) => (
            <button
              key={String(archived)}
              type="button"
              aria-pressed={archived === isArchived}
              onClick={() => ask(words, archived)}
              className="plain-button aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {archived ? 'Archived' : 'Active'}
            </button>
          ))}
        </div>
      </div>
      <ul aria-label="Jobs" aria-busy={isBusy} className={isBusy ? 'opacity-60' : ''}>
        {jobs.map((job) => (
          <li key={job.id} className="flex items-center gap-2 border-b border-line">
            <JobLine job={job} />
            <Actions job={job} onMove={(action) => void move(job, action)} onCopy={() => void copy(job)} />
          </li>
        ))}
      </ul>
      {next !== null && (
        <button type="button" className="plain-button mt-4 w-full" disabled={isBusy} onClick={more}>
          Show older jobs
        </button>
      )}
      {jobs.length === 0 && (
        <p className="py-10 text-center text-lg text-quiet">
          {words.trim()
            ? 'No job has all of these words.'
            : isArchived
              ? 'Nothing is archived.'
              : 'No jobs yet. Make one, start from a sample, or import a job file.'}
        </p>
      )}
    </main>
  );
};
