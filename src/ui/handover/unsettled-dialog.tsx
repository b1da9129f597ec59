'use client';

import { LocalizedDegrees } from '../degrees/degrees';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';

interface UnsettledDialogProps {
  readonly lines: readonly string[];
  readonly onGo: () => void;
  readonly onClose: () => void;
}

/** Lists failed and open items, and asks before handover. */
export const UnsettledDialog = ({ lines, onGo, onClose }: UnsettledDialogProps) => (
  <DialogFrame
    title="Hand over with these items open?"
    about={<>They go into the record as they are and stay there.</>}
    onClose={onClose}
  >
    <ul
      aria-label="Failed or open"
      tabIndex={0}
      className="mt-3 min-h-0 flex-1 list-disc space-y-1 overflow-y-auto pl-5"
    >
      {lines.map((line) => (
        <li key={line}>
          <LocalizedDegrees>{line}</LocalizedDegrees>
        </li>
      ))}
    </ul>
    <div className="mt-4 flex flex-wrap gap-2">
      <DialogClose className="strong-button">Not yet</DialogClose>
      <button type="button" className="plain-button" onClick={onGo}>
        Hand over anyway
      </button>
    </div>
  </DialogFrame>
);
