'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Role, ROLES } from '@/core/access/role';
import { ErrorLine } from '../kit/error-line';
import { call } from '../requests/api';
import { LinkOnce } from './link-once';
import { RoleChoice } from './role-choice';

/** Adds a person to the crew, and shows their sign-in link. */
export const InvitePerson = () => {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const [made, setMade] = useState<{ name: string; path: string } | null>(null);
  const [role, setRole] = useState<Role>('technician');
  const send = async (event: React.FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const name = String(new FormData(form).get('name'));
    const answer = await call<{ path: string }>('/api/people', { method: 'POST', body: { name, role } });
    if (answer.kind !== 'ok') return setProblem(answer.error);
    setProblem('');
    setMade({ name, path: answer.value.path });
    form.reset();
    router.refresh();
  };
  return (
    <section aria-labelledby="invite-title" className="mt-8">
      <h2 id="invite-title" className="font-label text-xl font-semibold">
        Invite someone
      </h2>
      <form onSubmit={send} className="mt-2 flex flex-wrap items-end gap-3">
        <label className="grid min-w-0 flex-1 basis-48">
          <span className="eyebrow">Name</span>
          <input name="name" required maxLength={80} autoComplete="off" className="field-box min-h-11" />
        </label>
        <label className="grid basis-40">
          <span className="eyebrow">Role</span>
          <RoleChoice label="Role" role={role} onChange={setRole} />
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
