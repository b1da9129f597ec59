'use client';

import { AlertDialog } from 'radix-ui';
import type { CardLine } from '@/core/setup/card/card';
import { wordsOfCode } from '@/core/setup/card/card';

/** Asks before a value that cannot be taken back; it wants to know first what was found. */
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
  <AlertDialog.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
    <AlertDialog.Portal>
      <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
      <AlertDialog.Content className="fixed inset-x-3 top-[16vh] z-50 mx-auto max-w-md rounded border border-line-strong bg-sheet p-5">
        <AlertDialog.Title className="font-label text-2xl font-semibold">This cannot be taken back</AlertDialog.Title>
        <AlertDialog.Description className="mt-2">
          {line.entry.code} {line.entry.label}:{' '}
          {line.found ? `found at ${line.found.value} · ${line.found.words}` : 'nobody has read what it stands at'}. To
          be {code} · {wordsOfCode(line.entry, code)}. {line.entry.note}
        </AlertDialog.Description>
        {!line.found && (
          <p className="mt-2 border-l-4 border-fail pl-3 font-medium">
            Read and enter the value as found first. It is the only way back that there will be.
          </p>
        )}
        <div className="mt-4 flex flex-wrap gap-2">
          {line.found && (
            <AlertDialog.Action className="strong-button" onClick={onGo}>
              It is set to {code}
            </AlertDialog.Action>
          )}
          <AlertDialog.Cancel className="plain-button">Leave it</AlertDialog.Cancel>
        </div>
      </AlertDialog.Content>
    </AlertDialog.Portal>
  </AlertDialog.Root>
);
