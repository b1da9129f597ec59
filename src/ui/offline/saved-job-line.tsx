'use client';

import { Archive, Copy, Trash2 } from 'lucide-react';
import { DateText } from '../kit/date-text';
import { type MenuChoice, MoreMenu } from '../kit/menu-button';
import type { SavedJobSummary } from './device';
import type { Waiting } from './waiting';
import { waitingWords } from './waiting-list';

interface KeptJobLineProps {
  readonly line: SavedJobSummary;
  readonly waits: Waiting | undefined;
  readonly mayChange: boolean;
  readonly onCopy: () => void;
  readonly onArchive: () => void;
  readonly onLetGo: () => void;
}

/** A job on this device: its age here, waiting entries, and offline actions. */
export const SavedJobLine = ({ line, waits, mayChange, onCopy, onArchive, onLetGo }: KeptJobLineProps) => {
  const { id, name, isTaken, keptAt, kB } = line;
  const choices: MenuChoice[] = [
    {
      id: 'let-go',
      onSelect: onLetGo,
      icon: Trash2,
      label: 'Remove from this device',
    },
  ];
  if (mayChange)
    choices.unshift(
      {
        id: 'copy',
        onSelect: onCopy,
        icon: Copy,
        label: 'Duplicate',
      },
      {
        id: 'archive',
        onSelect: onArchive,
        icon: Archive,
        label: 'Archive',
      },
    );
  return (
    <li className="flex items-center gap-x-3 border-b border-line py-1">
      {/* A whole load: without signal the device's own page answers. */}
      <a href={`/jobs/${id}/survey`} className="min-w-0 flex-1 py-1">
        <span className="block truncate font-label text-xl leading-tight font-semibold">{name}</span>
        <span className="block text-sm text-quiet">
          {isTaken ? 'Saved for offline' : 'Recently opened'}, as of <DateText at={new Date(keptAt).toISOString()} /> ·{' '}
          {kB} kB
        </span>
        {waits && (
          <span className="block text-sm font-medium text-warn">
            {waitingWords(waits.count)}, since <DateText at={new Date(waits.touchedAt).toISOString()} />
          </span>
        )}
      </a>
      <MoreMenu of={name} choices={choices} />
    </li>
  );
};
