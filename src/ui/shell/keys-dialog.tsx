'use client';

import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { JOB_PAGES } from './screens';

const KEYS: readonly (readonly [string, string])[] = [
  [`1 – ${JOB_PAGES.length}`, 'pages of the job'],
  ['[  ]', 'outdoor temperature down / up'],
  ['c', 'next thermostat call'],
  ['/', 'find a page, job or action'],
  ['Ctrl Z, Ctrl Y', 'undo / redo a Survey change'],
  ['↑ ↓', 'in a number field: one step'],
  ['Tab, Enter', 'on a terminal: place a probe; on a wire end: lift it, then land it'],
  ['Delete, Esc', 'on a lifted wire end: remove it, or cancel'],
  ['← →, Page ↑ ↓', 'on the Simulate chart: one minute, one hour; with Shift, one event'],
  ['?', 'these keys'],
];

/** Keyboard shortcuts. */
export const KeysDialog = ({ onClose }: { onClose: () => void }) => (
  <DialogFrame title="Keyboard shortcuts" onClose={onClose}>
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
