'use client';

import type { PlannedItem } from '@/core/startup/planned';
import { ReasonDialog } from '../findings/reason-dialog';
import { useKeepReading, useUntake } from './use-save-reading';

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

/** What is said of an item in words of one's own. */
export type ReadingAsked = 'withdraw' | 'leaveOut' | 'note';

/** Asks why a reading is withdrawn or was not taken, or for the note beside it. */
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
  const { withdraw, leaveOut } = useUntake(key);
  const keepReading = useKeepReading(key, item.of);
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
      first: reading?.note ?? '',
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
  return <ReasonDialog name={`${asks} ${key}`} {...dialogs[asks]} onClose={onClose} />;
};
