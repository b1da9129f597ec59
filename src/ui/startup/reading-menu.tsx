'use client';

import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { PlannedItem } from '@/core/startup/planned';
import { useJob } from '../job/provider';
import { ReasonDialog } from '../reason-dialog';
import { useKeepReading, useUntake } from './use-keep-reading';

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

const ITEM =
  'flex min-h-11 items-center px-4 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper data-[disabled]:opacity-50';

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
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger className="bare-button" aria-label={`More for ${label}`}>
          <Ellipsis size={20} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Content
          align="end"
          collisionPadding={8}
          className="z-40 min-w-52 rounded border border-line-strong bg-sheet shadow-md"
        >
          {canUndo && (
            <DropdownMenu.Item className={ITEM} onSelect={undo}>
              Undo
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className={ITEM} onSelect={() => setAsks('leaveOut')}>
            Not measured…
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} disabled={!reading} onSelect={() => setAsks('withdraw')}>
            Withdraw the reading…
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} disabled={!reading} onSelect={() => setAsks('note')}>
            {note ? 'Change the note…' : 'Add a note…'}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Root>
      {asks && <ReasonDialog {...dialogs[asks]} onClose={() => setAsks(null)} />}
    </>
  );
};
