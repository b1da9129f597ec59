'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Person } from '@/core/access/person';
import { type Role, ROLES } from '@/core/access/role';
import { signInName } from '@/core/access/sign-in-name';
import { toast } from '../kit/toast';
import { call } from '../requests/api';
import { LinkOnce } from './link-once';
import { RoleChoice } from './role-choice';

type Change = { action: 'role'; role: Role } | { action: 'let-go' | 'link' | 'sign-out' | 'forget' };

const ACTS = [
  { action: 'link', label: 'New link' },
  { action: 'sign-out', label: 'Sign out everywhere' },
  { action: 'let-go', label: 'Remove from crew' },
] as const;

/** People of a crew; a crew lead changes roles, makes links, and removes people. */
export const PeopleList = ({
  people,
  crew,
  me,
  mayChange,
}: {
  people: readonly Person[];
  crew: string;
  me: string;
  mayChange: boolean;
}) => {
  const router = useRouter();
  const [link, setLink] = useState<{ id: string; path: string } | null>(null);
  const change = async (person: Person, body: Change) => {
    const answer = await call<{ path?: string }>(`/api/people/${person.id}`, { method: 'POST', body });
    if (answer.kind !== 'ok') return toast(answer.error);
    setLink(answer.value.path ? { id: person.id, path: answer.value.path } : null);
    router.refresh();
  };
  return (
    <ul aria-label="People" className="mt-3">
      {people.map((person) => (
        <li key={person.id} className="border-b border-line py-2">
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className="min-w-0 flex-1 basis-56">
              <b className="font-semibold">{person.name}</b>
              {person.id === me && <span className="text-quiet"> (you)</span>}
              <span className="block font-mono text-sm break-all text-quiet">
                {person.leftAt === null ? signInName({ person: person.handle, crew }) : 'Removed'}
              </span>
              {person.leftAt === null && !person.hasPassword && person.id !== me && (
                <span className="block text-sm text-quiet">No password set yet</span>
              )}
            </span>
            {mayChange && person.leftAt === null ? (
              <>
                <RoleChoice
                  label={`Role of ${person.name}`}
                  role={person.role}
                  onChange={(role) => change(person, { action: 'role', role })}
                />
                {ACTS.map(({ action, label }) => (
                  <button
                    key={action}
                    type="button"
                    className="plain-button px-2 text-sm"
                    aria-label={`${label}: ${person.name}`}
                    onClick={() => change(person, { action })}
                  >
                    {label}
                  </button>
                ))}
              </>
            ) : (
              <>
                <span>{ROLES[person.role].label}</span>
                {mayChange && (
                  <button
                    type="button"
                    className="plain-button px-2 text-sm"
                    aria-label={`Remove the data of ${person.name}`}
                    title="Removes sign-in name, role and links. Their name stays on readings they took."
                    onClick={() => change(person, { action: 'forget' })}
                  >
                    Remove their data
                  </button>
                )}
              </>
            )}
          </div>
          {link?.id === person.id && <LinkOnce name={person.name} path={link.path} />}
        </li>
      ))}
    </ul>
  );
};
