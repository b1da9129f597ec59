'use client';

import type { PlannedItem } from '@/core/startup/planned';
import { ReasonDialog } from '../findings/reason-dialog';
import { useSaveReading, useUndoReading } from './use-save-reading';

/** Why something is often left unmeasured. */
const NOT_MEASURED = [
  'No access',
  'No instrument on hand',
  'Not safe today',
  'Wrong weather for it',
  'Customer declined',
];
/** Why a reading is often withdrawn. */
const WITHDRAWN = ['Wrong place', 'Wrong range', 'Typo', 'Bad instrument', 'System not settled'];

/** What is said of an item in words of one's own. */
export type ReadingAsked = 'withdraw' | 'leaveOut' | 'note';

/** Asks why a reading is withdrawn or was not taken, or for the note next to it. */
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
      // The same is said again, with words next to it.
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
