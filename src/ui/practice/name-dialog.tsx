'use client';

import { Command } from 'cmdk';
import { useState } from 'react';
import type { NamedCause } from '@/core/practice/view';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { matchWords } from '../kit/match-words';

interface NameDialogProps {
  readonly causes: readonly NamedCause[];
  readonly onName: (causes: readonly string[]) => void;
  readonly onClose: () => void;
}

/** Asks for the cause: one, or two at once. */
export const NameDialog = ({ causes, onName, onClose }: NameDialogProps) => {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const toggle = (id: string) =>
    setChosen((before) =>
      before.includes(id) ? before.filter((each) => each !== id) : [...before.slice(-1), id].slice(-2),
    );
  return (
    <DialogFrame
      title="What is it?"
      about="One cause, or two. Faults no reading can tell apart count as one."
      onClose={onClose}
      isWide
    >
      <Command label="Causes" filter={matchWords} className="mt-2">
        <Command.Input
          autoFocus
          placeholder="Breaker, wire, setting, filter…"
          className="field-box mb-2 w-full text-lg"
        />
        <Command.List className="max-h-[45vh] overflow-y-auto">
          <Command.Empty className="px-3 py-4 text-quiet">Nothing by that name.</Command.Empty>
          {causes.map(({ id, words }) => (
            <Command.Item
              key={id}
              value={`${words} ${id}`}
              onSelect={() => toggle(id)}
              className="flex min-h-11 items-center gap-3 rounded px-3 py-1 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
            >
              <span aria-hidden className="w-4">
                {chosen.includes(id) ? '✓' : ''}
              </span>
              {words}
              {chosen.includes(id) && <span className="sr-only">chosen</span>}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
      <div className="mt-4 flex gap-2">
        <button type="button" className="strong-button" disabled={chosen.length === 0} onClick={() => onName(chosen)}>
          {chosen.length === 2 ? 'It is these two' : 'That is it'}
        </button>
        <DialogClose className="plain-button">Keep looking</DialogClose>
      </div>
    </DialogFrame>
  );
};
