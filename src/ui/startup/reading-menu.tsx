'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { PlannedItem } from '@/core/startup/planned';
import { later } from '../at-rest';
import { useJob } from '../job/provider';
import { MoreMenu } from '../menu-button';
import { useKeepReading, useUntake } from './use-keep-reading';

const ReasonDialog = dynamic(
  later(() => import('../reason-dialog').then((module) => module.ReasonDialog)),
  { ssr: false },
);

/** Why something is often left unmeasured. */
const NOT_MEASURED = [
  'No access',
  'No instrument for it',
  'Not safe today',
  'The weather does not allow it',
  'Declined',
];
/** Why a reading is often withdrawn. */
const WITHDRAWN = ['Wrong place', 'Wrong range', 'Typed wrong', 'Instrument at fault', 'System not settled'];

/** What can be said of an item beside its reading: withdrawn, not measured, a note, undone. */
export const ReadingMenu = ({ planned: { key, item, reading } }: { planned: PlannedItem }) => {
  const { label } = item;
  const note = reading?.note ?? '';
  const [asks, setAsks] = useState<'withdraw' | 'leaveOut' | 'note' | null>(null);
  const { withdraw, leaveOut } = useUntake(key);
  const keepReading = useKeepReading(key, item.of);
  const undo = useJob((job) => job.undo);
  const canUndo = useJob((job) => {
    const last = job.undoable.at(-1);
    return last?.kind === 'reading' && job.readings.some(({ id, item: of }) => id === last.id && of === key);
  });
  const dialogs = {
    leaveOut: {
      title: 'Not measured',
      about: `${label}. The reason goes into the record in place of a reading.`,
      label: 'Another reason',
      usual: NOT_MEASURED,
      maxLength: 200,
      action: 'Leave it out',
      onSay: leaveOut,
    },
    withdraw: {
      title: 'Withdraw the reading',
      about: `${label}. It stays in the record as withdrawn and counts for nothing.`,
      label: 'Another reason',
      usual: WITHDRAWN,
      maxLength: 200,
      action: 'Withdraw',
      onSay: withdraw,
    },
    note: {
      title: 'Note',
      about: `${label}. It stands beside the reading in the record.`,
      label: 'Note',
      usual: [],
      first: note,
      maxLength: 500,
      action: 'Keep',
      takesNothing: true,
      // The same is said again, with words beside it.
      onSay: (words: string) =>
        reading &&
        keepReading(reading.value, reading.place, {
          note: words,
          instrument: reading.instrument,
          meterOhms: reading.meterOhms,
        }),
    },
  };
  return (
    <>
      <MoreMenu
        of={label}
        choices={[
          ...(canUndo ? [{ id: 'undo', face: 'Undo', onSelect: undo }] : []),
          { id: 'leave-out', face: 'Not measured…', onSelect: () => setAsks('leaveOut') },
          {
            id: 'withdraw',
            face: 'Withdraw the reading…',
            isDisabled: !reading,
            onSelect: () => setAsks('withdraw'),
          },
          {
            id: 'note',
            face: note ? 'Change the note…' : 'Add a note…',
            isDisabled: !reading,
            onSelect: () => setAsks('note'),
          },
        ]}
      />
      {asks && <ReasonDialog name={`${asks} ${key}`} {...dialogs[asks]} onClose={() => setAsks(null)} />}
    </>
  );
};
