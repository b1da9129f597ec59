'use client';

import { Download } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { closingSchema } from '@/core/access/forms';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { ErrorLine } from '../kit/error-line';
import { FormField } from '../kit/form-field';
import { toast } from '../kit/toast';
import { useSentForm } from '../kit/use-sent-form';
import { call, failedWords } from '../requests/api';

const CloseDialog = ({ handle, onClose }: { handle: string; onClose: () => void }) => {
  const router = useRouter();
  const { register, submit, watch, problem, problemOf } = useSentForm({
    schema: closingSchema,
    defaultValues: { handle: '' },
    send: async (typed) => {
      const answer = await call('/api/crew/close', { method: 'POST', body: { action: 'close', handle: typed.handle } });
      if (answer.kind !== 'ok') return { error: failedWords('Deletion canceled.', answer), path: '' };
      onClose();
      router.refresh();
      return null;
    },
  });
  return (
    <DialogFrame
      isAlert
      title="Delete the crew"
      about="In 30 days every job, reading and person in this crew is permanently deleted. Until then everyone can keep working, and any crew lead can cancel. Export everything first."
      onClose={onClose}
    >
      <form onSubmit={submit} noValidate className="mt-3">
        <FormField
          label={
            <>
              Type what follows the @ in your sign-in name: <span className="font-mono">{handle}</span>
            </>
          }
          named="It"
          autoComplete="off"
          autoCapitalize="none"
          maxLength={40}
          problem={problemOf('handle')}
          {...register('handle')}
        />
        <ErrorLine problem={problem} />
        <div className="mt-3 flex gap-2">
          <button type="submit" className="strong-button" disabled={watch('handle').trim() === ''}>
            Delete it in 30 days
          </button>
          <DialogClose className="plain-button">Cancel</DialogClose>
        </div>
      </form>
    </DialogFrame>
  );
};

/** All data of a crew: export, or delete. */
export const CrewData = ({ handle, ends }: { handle: string; ends: string | null }) => {
  const router = useRouter();
  const [asks, setAsks] = useState(false);
  const keep = async () => {
    const answer = await call('/api/crew/close', { method: 'POST', body: { action: 'keep' } });
    if (answer.kind !== 'ok') return toast.error(failedWords('Deletion was not canceled.', answer));
    router.refresh();
  };
  return (
    <section aria-labelledby="crew-data-title" className="mt-8">
      <h2 id="crew-data-title" className="font-label text-xl font-semibold">
        All crew data
      </h2>
      <p className="mt-1 text-quiet">
        One file with every job and its record, people, controllers, weather and the audit log. Another server can
        import it. It holds no passwords.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <a href="/api/crew/file" className="plain-button">
          <Download size={18} aria-hidden /> Export everything
        </a>
        {ends === null ? (
          <button type="button" className="plain-button" onClick={() => setAsks(true)}>
            Delete the crew…
          </button>
        ) : (
          <button type="button" className="strong-button" onClick={keep}>
            Cancel deletion
          </button>
        )}
      </div>
      {asks && <CloseDialog handle={handle} onClose={() => setAsks(false)} />}
    </section>
  );
};
