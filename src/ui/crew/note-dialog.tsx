'use client';

import { MOST_NOTE_LETTERS } from '@/core/access/company';
import { ReasonDialog } from '../findings/reason-dialog';

/** A crew lead's note on a job; empty removes it. */
export const NoteDialog = ({
  first,
  onLeave,
  onClose,
}: {
  first: string;
  onLeave: (words: string) => void;
  onClose: () => void;
}) => (
  <ReasonDialog
    title="Note for the next tech"
    about="It shows in the job list and above every page of the job. Leave it empty to remove it."
    label="Note"
    usual={[]}
    first={first}
    maxLength={MOST_NOTE_LETTERS}
    action="Save note"
    takesNothing
    onSay={onLeave}
    onClose={onClose}
  />
);
