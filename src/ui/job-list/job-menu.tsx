'use client';

import { Archive, ArchiveRestore, Copy, GraduationCap, Smartphone, StickyNote, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import type { JobSummary } from '@/core/job-list/job-summary';
import { type MenuChoice, MoreMenu } from '@/ui/kit/menu-button';
import { useMay } from '@/ui/person/at-work';

/** Actions on a job from the list. */
export type Move = 'archive' | 'restore' | 'delete' | 'undelete';

interface JobMenuProps {
  readonly job: JobSummary;
  readonly onMove: (move: Move) => void;
  readonly onCopy: () => void;
  readonly onNote: () => void;
  readonly onTake: () => void;
}

/** Note, duplicate, archive, delete; nothing for viewers. */
export const JobMenu = ({ job, onMove, onCopy, onNote, onTake }: JobMenuProps) => {
  const router = useRouter();
  const [mayNote, mayChange] = [useMay('note'), useMay('change')];
  if (!mayChange) return null;
  const isArchived = job.archivedAt !== null;
  const choices: MenuChoice[] = [
    {
      id: 'take',
      onSelect: onTake,
      icon: Smartphone,
      label: 'Save on this device',
    },
    {
      id: 'practice',
      onSelect: () => router.push(`/practice/job/${job.id}?seed=1`),
      icon: GraduationCap,
      label: 'Practice on a house like this one',
    },
    {
      id: 'copy',
      onSelect: onCopy,
      icon: Copy,
      label: 'Duplicate',
    },
    {
      id: 'archive',
      onSelect: () => onMove(isArchived ? 'restore' : 'archive'),
      icon: isArchived ? ArchiveRestore : Archive,
      label: isArchived ? 'Restore' : 'Archive',
    },
    {
      id: 'delete',
      onSelect: () => onMove('delete'),
      icon: Trash2,
      label: 'Delete',
    },
  ];
  if (mayNote)
    choices.unshift({
      id: 'note',
      onSelect: onNote,
      icon: StickyNote,
      label: job.note ? 'Change the note…' : 'Note for the next tech…',
    });
  return <MoreMenu of={job.name} choices={choices} />;
};
