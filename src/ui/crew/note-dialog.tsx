'use client';

import { MOST_NOTE_LETTERS } from '@/core/access/company';
import { ReasonDialog } from '../findings/reason-dialog';

/** A lead's note on a job; without words none stands any more. */
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
    title="Note for whoever goes"
    about="It stands on the board and above every page of the job. Leave it empty to remove it."
    label="Note"
    usual={[]}
    first={first}
    maxLength={MOST_NOTE_LETTERS}
    action="Leave the note"
    takesNothing
    onSay={onLeave}
    onClose={onClose}
  />
);
