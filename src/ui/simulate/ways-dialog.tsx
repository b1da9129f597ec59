'use client';

import { useState } from 'react';
import type { Variant } from '@/core/simulation/day/variant';
import { LocalizedDegrees } from '../degrees/degrees';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';

/** Maximum plans side by side: as set now, and three others. */
export const MAX_VARIANTS = 4;

const GROUPS: readonly { readonly group: Variant['group']; readonly label: string }[] = [
  { group: 'as set now', label: 'The job' },
  { group: 'people', label: 'Household' },
  { group: 'ways', label: 'Lockout plans' },
  { group: 'settings', label: 'Settings' },
  { group: 'what can be wrong', label: 'What can be wrong' },
];

interface WaysDialogProps {
  readonly variants: readonly Variant[];
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
  readonly onClose: () => void;
}

/** Chooses what to compare with the job on the same day. */
export const VariantsDialog = ({ variants, chosen, onChoose, onClose }: WaysDialogProps) => {
  const [first, ...others] = variants;
  const [picked, setPicked] = useState(() => chosen.filter((id) => id !== first!.id));
  const isFull = picked.length >= MAX_VARIANTS - 1;
  const toggle = (id: string) =>
    setPicked((before) => (before.includes(id) ? before.filter((each) => each !== id) : [...before, id]));
  return (
    <DialogFrame
      title="Compare on the same day"
      about={`${first!.label}, and up to ${MAX_VARIANTS - 1} of these.`}
      isWide
      onClose={onClose}
    >
      {GROUPS.map(({ group, label }) => {
        const within = others.filter((each) => each.group === group);
        if (within.length === 0) return null;
        return (
          <fieldset key={group} className="mt-3">
            <legend className="eyebrow">{label}</legend>
            {within.map(({ id, label: name, about }) => (
              <label key={id} className="flex min-h-11 items-center gap-3 border-b border-line py-1">
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-[var(--ink)]"
                  checked={picked.includes(id)}
                  disabled={isFull && !picked.includes(id)}
                  onChange={() => toggle(id)}
                />
                <span>
                  <span className="font-medium">
                    <LocalizedDegrees>{name}</LocalizedDegrees>
                  </span>{' '}
                  <span className="text-sm text-quiet">
                    <LocalizedDegrees>{about}</LocalizedDegrees>
                  </span>
                </span>
              </label>
            ))}
          </fieldset>
        );
      })}
      <div className="sticky bottom-0 -mx-5 mt-4 -mb-5 flex flex-wrap justify-end gap-2 border-t border-line bg-sheet p-3">
        <DialogClose className="plain-button">Cancel</DialogClose>
        <button
          type="button"
          className="strong-button"
          onClick={() => {
            onChoose([first!.id, ...picked]);
            onClose();
          }}
        >
          {picked.length === 0 ? 'Show this job only' : `Compare ${picked.length + 1}`}
        </button>
      </div>
    </DialogFrame>
  );
};
