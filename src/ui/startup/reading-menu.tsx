'use client';

import { useState } from 'react';
import type { PlannedItem } from '@/core/startup/planned';
import { useJob } from '../job/provider';
import { MoreMenu } from '../kit/menu-button';
import { lazyClient } from '../loading/lazy-client';
import type { ReadingAsked } from './reading-asks';

const ReadingAsks = lazyClient(() => import('./reading-asks').then((module) => module.ReadingAsks));

/** Other entries on an item: withdraw, not measured, note, undo. */
export const ReadingMenu = ({ planned }: { planned: PlannedItem }) => {
  const { key, item, reading } = planned;
  const [asks, setAsks] = useState<ReadingAsked | null>(null);
  const undo = useJob((job) => job.undo);
  const canUndo = useJob((job) => {
    const last = job.undoable.at(-1);
    return last?.kind === 'reading' && job.readings.some(({ id, item: of }) => id === last.id && of === key);
  });
  return (
    <>
      <MoreMenu
        of={item.label}
        choices={[
          ...(canUndo ? [{ id: 'undo', label: 'Undo', onSelect: undo }] : []),
          { id: 'leave-out', label: 'Not measured…', onSelect: () => setAsks('leaveOut') },
          {
            id: 'withdraw',
            label: 'Withdraw the reading…',
            isDisabled: !reading,
            onSelect: () => setAsks('withdraw'),
          },
          {
            id: 'note',
            label: reading?.note ? 'Change the note…' : 'Add a note…',
            isDisabled: !reading,
            onSelect: () => setAsks('note'),
          },
        ]}
      />
      {asks && <ReadingAsks planned={planned} asks={asks} onClose={() => setAsks(null)} />}
    </>
  );
};
