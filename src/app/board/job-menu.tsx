'use client';

import { Archive, ArchiveRestore, Copy, Ellipsis, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { JobSummary } from '@/core/board/job-summary';

/** What can be done to a job from the board. */
export type Move = 'archive' | 'restore' | 'delete' | 'undelete';

interface JobMenuProps {
  readonly job: JobSummary;
  readonly onMove: (move: Move) => void;
  readonly onCopy: () => void;
}

const ITEM =
  'flex min-h-11 items-center gap-3 rounded px-3 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper';

/** Duplicate, archive, delete. */
export const JobMenu = ({ job, onMove, onCopy }: JobMenuProps) => (
  <DropdownMenu.Root modal={false}>
    <DropdownMenu.Trigger className="bare-button" aria-label={`More for ${job.name}`}>
      <Ellipsis size={20} aria-hidden />
    </DropdownMenu.Trigger>
    <DropdownMenu.Content
      align="end"
      className="z-30 min-w-48 rounded border border-line-strong bg-sheet p-1 shadow-md"
    >
      <DropdownMenu.Item className={ITEM} onSelect={onCopy}>
        <Copy size={18} aria-hidden /> Duplicate
      </DropdownMenu.Item>
      <DropdownMenu.Item className={ITEM} onSelect={() => onMove(job.archivedAt === null ? 'archive' : 'restore')}>
        {job.archivedAt === null ? <Archive size={18} aria-hidden /> : <ArchiveRestore size={18} aria-hidden />}
        {job.archivedAt === null ? 'Archive' : 'Bring back'}
      </DropdownMenu.Item>
      <DropdownMenu.Item className={ITEM} onSelect={() => onMove('delete')}>
        <Trash2 size={18} aria-hidden /> Delete
      </DropdownMenu.Item>
    </DropdownMenu.Content>
  </DropdownMenu.Root>
);
