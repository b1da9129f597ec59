'use client';

import type { PlannedItem } from '@/core/startup/planned';
import { ReasonDialog } from '../findings/reason-dialog';
import { useSaveReading, useUndoReading } from '../job/use-save-reading';

/** Common reasons for not measuring. */
const NOT_MEASURED = [
  'No access',
  'No instrument on hand',
  'Not safe today',
  'Wrong weather for it',
  'Customer declined',
];
/** Common reasons for withdrawing. */
const WITHDRAWN = ['Wrong place', 'Wrong range', 'Typo', 'Bad instrument', 'System not settled'];

/** A free-text entry on an item. */
export type ReadingAsked = 'withdraw' | 'leaveOut' | 'note';

/** Asks why a reading is withdrawn or was not taken, or for its note. */
export const ReadingAsks = ({
  planned: { key, item, reading },
  asks,
  onClose,
}: {
  planned: PlannedItem;
  asks: ReadingAsked;
  onClose: () => void;
}) => {
  const { label } = item;
  const { withdraw, leaveOut } = useUndoReading(key);
  const keepReading = useSaveReading(key, item.of);
  const dialogs = {
    leaveOut: {
      title: 'Not measured',
      about: `${label}. The record shows the reason instead of a reading.`,
      label: 'Another reason',
      usual: NOT_MEASURED,
      maxLength: 200,
      action: 'Skip this reading',
      onSay: leaveOut,
    },
    withdraw: {
      title: 'Withdraw the reading',
      about: `${label}. It stays in the record, marked withdrawn, and no longer counts.`,
      label: 'Another reason',
      usual: WITHDRAWN,
      maxLength: 200,
      action: 'Withdraw',
      onSay: withdraw,
    },
    note: {
      title: 'Note',
      about: `${label}. It prints next to the reading in the record.`,
      label: 'Note',
      usual: [],
      first: reading?.note ?? '',
      maxLength: 500,
      action: 'Save',
      takesNothing: true,
      // The reading is entered again with a note.
      onSay: (words: string) =>
        reading &&
        keepReading(reading.value, reading.place, {
          note: words,
          instrument: reading.instrument,
          meterOhms: reading.meterOhms,
        }),
    },
  };
  return <ReasonDialog name={`${asks} ${key}`} {...dialogs[asks]} onClose={onClose} />;
};
