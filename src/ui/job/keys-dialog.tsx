'use client';

import { Dialog } from 'radix-ui';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 – 7', 'pages of the job'],
  ['[  ]', 'outdoor temperature down, up'],
  ['c', 'next call'],
  ['/', 'command list'],
  ['Ctrl Z, Ctrl Y', 'undo and redo a change of a fact'],
  ['↑ ↓', 'in a number field: one step'],
  ['Tab, Enter', 'on a terminal: put a probe there; on a wire’s end: lift it, then land it'],
  ['Delete, Esc', 'on a lifted wire’s end: take it off, or let go'],
  ['?', 'these keys'],
];

/** What the keyboard does. */
export const KeysDialog = ({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) => (
  <Dialog.Root open={isOpen} onOpenChange={(open) => !open && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
      <Dialog.Content
        aria-describedby={undefined}
        className="fixed inset-x-3 top-[12vh] z-50 mx-auto max-w-md rounded border border-line-strong bg-sheet p-5"
      >
        <Dialog.Title className="font-label text-2xl font-semibold">Keys</Dialog.Title>
        <dl className="mt-3 grid grid-cols-[8rem_1fr] gap-y-2">
          {KEYS.map(([key, what]) => (
            <div key={key} className="contents">
              <dt className="font-mono font-semibold">{key}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <Dialog.Close className="plain-button mt-5">Close</Dialog.Close>
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
);
