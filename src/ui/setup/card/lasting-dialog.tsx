'use client';

import type { CardLine } from '@/core/setup/card/card';
import { wordsOfCode } from '@/core/setup/card/card';
import { DialogClose, DialogFrame } from '../../kit/dialog-frame';

/** Confirms an irreversible value; requires the found value first. */
export const LastingDialog = ({
  line,
  code,
  onGo,
  onClose,
}: {
  line: CardLine;
  code: string;
  onGo: () => void;
  onClose: () => void;
}) => (
  <DialogFrame
    title="This cannot be undone"
    about={
      <>
        {line.entry.code} {line.entry.label}:{' '}
        {line.found ? `found at ${line.found.value} · ${line.found.words}` : 'its present value has not been read'}. To
        be {code} · {wordsOfCode(line.entry, code)}. {line.entry.note}
      </>
    }
    onClose={onClose}
    isAlert
  >
    {!line.found && (
      <p className="mt-2 border-l-4 border-fail pl-3 font-medium">
        First read and record the as-found value. You cannot get it back later.
      </p>
    )}
    <div className="mt-4 flex flex-wrap gap-2">
      {line.found && (
        <button type="button" className="strong-button" onClick={onGo}>
          Set to {code}
        </button>
      )}
      <DialogClose className="plain-button">Cancel</DialogClose>
    </div>
  </DialogFrame>
);
