'use client';

import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { call, notDone } from '@/ui/api';

/** Asks for a name and a starting point, and opens the new job. */
export const NewJob = ({ samples }: { samples: readonly { readonly id: string; readonly about: string }[] }) => {
  const router = useRouter();
  const [isOpen, setOpen] = useState(false);
  const [id, setId] = useState('');
  const [name, setName] = useState('');
  const [source, setSource] = useState('');
  const [problem, setProblem] = useState('');
  const make = async () => {
    const answer = await call<{ id: string }>('/api/jobs', {
      method: 'POST',
      body: { id, from: source ? 'sample' : 'blank', source, name: name.trim() },
    });
    if (answer.kind === 'ok') router.push(`/jobs/${answer.value.id}/sheet`);
    else setProblem(notDone('The job was not made.', answer));
  };
  return (
    <Dialog.Root
      open={isOpen}
      onOpenChange={(open) => {
        setOpen(open);
        if (open) setId(uuid()); // one id for all tries: a request sent twice makes one job
      }}
    >
      <Dialog.Trigger className="strong-button">
        <Plus size={18} aria-hidden /> New job
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-3 top-[10vh] z-50 mx-auto max-h-[80vh] max-w-lg overflow-y-auto rounded border border-line-strong bg-sheet p-5"
        >
          <Dialog.Title className="font-label text-2xl font-semibold">New job</Dialog.Title>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              void make();
            }}
          >
            <label className="eyebrow mt-4 block" htmlFor="new-name">
              Name
            </label>
            <input
              id="new-name"
              value={name}
              maxLength={110}
              onChange={(event) => setName(event.target.value)}
              placeholder="Customer, street"
              className="field-box w-full text-lg"
            />
            <fieldset className="mt-4">
              <legend className="eyebrow">Start from</legend>
              {[{ id: '', about: 'Blank: everything assumed until you have looked' }, ...samples].map((each) => (
                <label key={each.id} className="flex min-h-11 items-center gap-3 border-b border-line py-1">
                  <input
                    type="radio"
                    name="source"
                    checked={source === each.id}
                    onChange={() => setSource(each.id)}
                    className="size-5 shrink-0 accent-[var(--ink)]"
                  />
                  {each.about}
                </label>
              ))}
            </fieldset>
            {problem && (
              <p role="alert" className="mt-3 font-medium text-fail">
                {problem}
              </p>
            )}
            <div className="mt-5 flex gap-2">
              <button type="submit" className="strong-button">
                Make it
              </button>
              <Dialog.Close className="plain-button">Cancel</Dialog.Close>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
};
