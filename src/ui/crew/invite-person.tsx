'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { personSchema } from '@/core/access/forms';
import { type Role, ROLES } from '@/core/access/role';
import { ErrorLine } from '../kit/error-line';
import { FormField } from '../kit/form-field';
import { useSentForm } from '../kit/use-sent-form';
import { call } from '../requests/api';
import { LinkOnce } from './link-once';
import { RoleChoice } from './role-choice';

/** Adds a person to the crew, and shows their sign-in link. */
export const InvitePerson = () => {
  const router = useRouter();
  const [made, setMade] = useState<{ name: string; path: string } | null>(null);
  const { register, submit, reset, setValue, watch, problem, problemOf } = useSentForm({
    schema: personSchema,
    defaultValues: { name: '', role: 'technician' },
    send: async ({ name, role }) => {
      const answer = await call<{ path: string }>('/api/people', { method: 'POST', body: { name, role } });
      if (answer.kind === 'lost') return { error: answer.error, path: '' };
      if (answer.kind === 'refused') return answer;
      setMade({ name, path: answer.value.path });
      reset({ name: '', role });
      router.refresh();
      return null;
    },
  });
  const role = watch('role') as Role;
  return (
    <section aria-labelledby="invite-title" className="mt-8">
      <h2 id="invite-title" className="font-label text-xl font-semibold">
        Invite someone
      </h2>
      <form onSubmit={submit} noValidate className="mt-2 flex flex-wrap items-end gap-3">
        <div className="min-w-0 flex-1 basis-48">
          <FormField
            label="Name"
            named="Name"
            required
            maxLength={80}
            autoComplete="off"
            problem={problemOf('name')}
            {...register('name')}
          />
        </div>
        <label className="grid basis-40">
          <span className="eyebrow">Role</span>
          <RoleChoice label="Role" role={role} onChange={(next) => setValue('role', next)} />
        </label>
        <button type="submit" className="plain-button min-h-11">
          Create link
        </button>
      </form>
      <p className="mt-1 text-sm text-quiet">{ROLES[role].may}</p>
      <ErrorLine problem={problem} />
      {made && <LinkOnce {...made} />}
    </section>
  );
};
