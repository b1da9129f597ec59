'use client';

import { DialogClose, DialogFrame } from '../kit/dialog-frame';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 – 8', 'pages of the job'],
  ['[  ]', 'outdoor temperature down, up'],
  ['c', 'next call'],
  ['/', 'command list'],
  ['Ctrl Z, Ctrl Y', 'undo and redo a change of a fact'],
  ['↑ ↓', 'in a number field: one step'],
  ['Tab, Enter', 'on a terminal: put a probe there; on a wire’s end: lift it, then land it'],
  ['Delete, Esc', 'on a lifted wire’s end: take it off, or let go'],
  ['← →, Page ↑ ↓', 'on the strip of Day run: a minute, an hour; with Shift an event'],
  ['?', 'these keys'],
];

/** What the keyboard does. */
export const KeysDialog = ({ onClose }: { onClose: () => void }) => (
  <DialogFrame title="Keys" onClose={onClose}>
    <dl className="mt-3 grid grid-cols-[8rem_1fr] gap-y-2">
      {KEYS.map(([key, what]) => (
        <div key={key} className="contents">
          <dt className="font-mono font-semibold">{key}</dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
    <DialogClose className="plain-button mt-5">Close</DialogClose>
  </DialogFrame>
);
