'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { factAt, type FactChange } from '@/core/job/document';
import { FIRST_FACTS } from '@/core/new-job/begin-job';
import { newJobSchema } from '@/core/new-job/new-job-form';
import { LooseFact } from '../fields/loose-fact';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { ErrorLine } from '../kit/error-line';
import { FormField } from '../kit/form-field';
import { useSentForm } from '../kit/use-sent-form';
import { createOffline } from '../offline/create-offline';
import { call, failedWords } from '../requests/api';

export interface SampleChoice {
  readonly id: string;
  readonly about: string;
}

type FirstPath = (typeof FIRST_FACTS)[number];
type Known = Partial<Record<FirstPath, string | number | boolean>>;

const FirstFact = ({ path, known, onKnow }: { path: FirstPath; known: Known; onKnow: (known: Known) => void }) => (
  <LooseFact
    path={path}
    {...(path === 'heatKit.plateKW' ? { label: 'Heat kit kW (from its plate)' } : {})}
    value={known[path]}
    none={factAt(path).kind === 'choice' ? 'Not known' : 'unknown'}
    onSay={(value) => {
      const { [path]: _, ...others } = known;
      onKnow(value === undefined ? others : { ...others, [path]: value });
    }}
  />
);

/** Name, the six most important facts, and a starting point. */
export const NewJobDialog = ({ samples, onClose }: { samples: readonly SampleChoice[]; onClose: () => void }) => {
  const router = useRouter();
  const [id] = useState(() => uuid()); // one id for all attempts: a resent request makes one job
  const [known, setKnown] = useState<Known>({});
  const changes = FIRST_FACTS.filter((path) => path in known)
    .filter((path) => path !== 'heatKit.plateKW' || known['system.backup'] !== 'furnace')
    .map((path): FactChange => ({ path, value: known[path] }));
  const { register, submit, watch, problem, problemOf } = useSentForm({
    schema: newJobSchema,
    defaultValues: { name: '', source: '' },
    send: async (typed) => {
      const [name, from] = [typed.name.trim(), typed.source];
      const answer = await call<{ id: string }>('/api/jobs', {
        method: 'POST',
        body: {
          id,
          from: from ? 'sample' : 'blank',
          source: from,
          name,
          ...(from || changes.length === 0 ? {} : { changes }),
        },
      });
      if (answer.kind === 'ok') router.push(`/jobs/${answer.value.id}/survey`);
      else if (answer.kind === 'lost' && from === '' && (await createOffline(id, name, changes)))
        // A full page load: the device's own page answers.
        window.location.assign(`/jobs/${id}/survey`);
      else return { error: failedWords('The job was not created.', answer), path: '' };
      return null;
    },
  });
  const source = watch('source');
  return (
    <DialogFrame title="New job" onClose={onClose} isWide>
      <form onSubmit={submit} noValidate className="mt-3">
        <FormField
          label="Name"
          named="Name"
          maxLength={110}
          placeholder="Customer, street"
          problem={problemOf('name')}
          {...register('name')}
        />
        {source === '' && (
          <fieldset className="mt-3">
            <legend className="text-sm text-quiet">
              Enter what you know. Everything else is assumed and marked; fill it in on the Survey.
            </legend>
            <div className="mt-1 grid gap-x-4 gap-y-2 sm:grid-cols-2">
              {FIRST_FACTS.filter((path) => path !== 'heatKit.plateKW' || known['system.backup'] !== 'furnace').map(
                (path) => (
                  <FirstFact key={path} path={path} known={known} onKnow={setKnown} />
                ),
              )}
            </div>
          </fieldset>
        )}
        <fieldset className="mt-4">
          <legend className="eyebrow">Start from</legend>
          {[{ id: '', about: 'A blank job' }, ...samples].map((each) => (
            <label key={each.id} className="flex min-h-11 items-center gap-3 border-b border-line py-1">
              <input
                type="radio"
                value={each.id}
                {...register('source')}
                className="size-5 shrink-0 accent-[var(--ink)]"
              />
              {each.about}
            </label>
          ))}
        </fieldset>
        <Link href="/label" prefetch={false} className="bare-button mt-1 px-1 text-link">
          From the label in a panel door
        </Link>
        <div className="mt-3">
          <ErrorLine problem={problem} />
        </div>
        <div className="mt-5 flex gap-2">
          <button type="submit" className="strong-button">
            Create job
          </button>
          <DialogClose className="plain-button">Cancel</DialogClose>
        </div>
      </form>
    </DialogFrame>
  );
};
