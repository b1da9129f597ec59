'use client';

import { Dialog } from 'radix-ui';
import { Said } from '../degrees';

interface UnsettledDialogProps {
  readonly lines: readonly string[];
  readonly onGo: () => void;
  readonly onClose: () => void;
}

/** Asks before a job is handed over with something failed or open, and lists it. */
export const UnsettledDialog = ({ lines, onGo, onClose }: UnsettledDialogProps) => (
  <Dialog.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
      <Dialog.Content className="fixed inset-x-3 top-[8dvh] z-50 mx-auto flex max-h-[84dvh] max-w-lg flex-col rounded border border-line-strong bg-sheet p-5">
        <Dialog.Title className="font-label text-2xl font-semibold">Hand it over with this open?</Dialog.Title>
        <Dialog.Description className="mt-1 text-quiet">
          It goes into the record as it stands, and stays there.
        </Dialog.Description>
        <ul
          aria-label="Failed or open"
          tabIndex={0}
          className="mt-3 min-h-0 flex-1 list-disc space-y-1 overflow-y-auto pl-5"
        >
          {lines.map((line) => (
            <li key={line}>
              <Said>{line}</Said>
            </li>
          ))}
        </ul>
        <div className="mt-4 flex flex-wrap gap-2">
          <Dialog.Close className="strong-button">Not yet</Dialog.Close>
          <button type="button" className="plain-button" onClick={onGo}>
            Hand it over as it is
          </button>
        </div>
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
);
