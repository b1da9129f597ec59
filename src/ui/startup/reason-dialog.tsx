'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';

interface ReasonDialogProps {
  readonly title: string;
  readonly about: string;
  readonly label: string;
  /** Reasons that come up often, one tap each. */
  readonly usual: readonly string[];
  readonly first?: string;
  readonly maxLength: number;
  readonly action: string;
  /** Whether nothing written will do, as for a note that is removed. */
  readonly takesNothing?: boolean;
  readonly onSay: (why: string) => void;
  readonly onClose: () => void;
}

/** Asks for a reason or a note: a usual one in a tap, or in one's own words. */
export const ReasonDialog = (props: ReasonDialogProps) => {
  const { title, about, label, usual, first = '', maxLength, action, takesNothing = false, onSay, onClose } = props;
  const [words, setWords] = useState(first);
  const say = (why: string) => {
    onSay(why.trim());
    onClose();
  };
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content className="fixed inset-x-3 top-[8dvh] z-50 mx-auto max-h-[84dvh] max-w-md overflow-y-auto rounded border border-line-strong bg-sheet p-5">
          <Dialog.Title className="font-label text-2xl font-semibold">{title}</Dialog.Title>
          <Dialog.Description className="mt-1 text-quiet">{about}</Dialog.Description>
          {usual.length > 0 && (
            <div className="mt-3 flex flex-wrap gap-2">
              {usual.map((why) => (
                <button key={why} type="button" className="plain-button" onClick={() => say(why)}>
                  {why}
                </button>
              ))}
            </div>
          )}
          <form
            className="mt-3"
            onSubmit={(event) => {
              event.preventDefault();
              if (takesNothing || words.trim()) say(words);
            }}
          >
            <label className="block">
              <span className="eyebrow">{label}</span>
              <input
                value={words}
                maxLength={maxLength}
                autoComplete="off"
                onChange={(event) => setWords(event.target.value)}
                className="field-box w-full text-lg"
              />
            </label>
            <div className="mt-3 flex gap-2">
              <button type="submit" className="strong-button" disabled={!takesNothing && !words.trim()}>
                {action}
              </button>
              <Dialog.Close className="plain-button">Cancel</Dialog.Close>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
};
