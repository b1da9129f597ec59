'use client';

import { Archive, ArchiveRestore, Copy, Smartphone, StickyNote, Trash2 } from 'lucide-react';
import type { JobSummary } from '@/core/board/job-summary';
import { useMay } from '@/ui/crew/at-work';
import { MoreItem, MoreMenu } from '@/ui/more-menu';

/** What can be done to a job from the board. */
export type Move = 'archive' | 'restore' | 'delete' | 'undelete';

interface JobMenuProps {
  readonly job: JobSummary;
  readonly onMove: (move: Move) => void;
  readonly onCopy: () => void;
  readonly onNote: () => void;
  readonly onTake: () => void;
}

/** A lead's note, duplicate, archive, delete; nothing for who may only look. */
export const JobMenu = ({ job, onMove, onCopy, onNote, onTake }: JobMenuProps) => {
  const [mayNote, mayChange] = [useMay('note'), useMay('change')];
  if (!mayChange) return null;
  return (
    <MoreMenu of={job.name}>
      {mayNote && (
        <MoreItem onSelect={onNote}>
          <StickyNote size={18} aria-hidden /> {job.note ? 'Change the note…' : 'Note for whoever goes…'}
        </MoreItem>
      )}
      <MoreItem onSelect={onTake}>
        <Smartphone size={18} aria-hidden /> Take along
      </MoreItem>
      <MoreItem onSelect={onCopy}>
        <Copy size={18} aria-hidden /> Duplicate
      </MoreItem>
      <MoreItem onSelect={() => onMove(job.archivedAt === null ? 'archive' : 'restore')}>
        {job.archivedAt === null ? <Archive size={18} aria-hidden /> : <ArchiveRestore size={18} aria-hidden />}
        {job.archivedAt === null ? 'Archive' : 'Bring back'}
      </MoreItem>
      <MoreItem onSelect={() => onMove('delete')}>
        <Trash2 size={18} aria-hidden /> Delete
      </MoreItem>
    </MoreMenu>
  );
};
