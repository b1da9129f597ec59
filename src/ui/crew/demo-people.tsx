'use client';

import { useState } from 'react';
import type { Role } from '@/core/access/role';
import { ROLES } from '@/core/access/role';
import type { AtWork } from '@/core/instrument/at-work';
import { ErrorLine } from '../kit/error-line';
import { setDeviceUser } from '../offline/device-user';
import { call } from '../requests/api';

/** A made-up crew with its people. */
export interface DemoCrew {
  readonly handle: string;
  readonly name: string;
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: Role }[];
}

/** One-tap sign-in as a demo person. */
export const DemoPeople = ({ crews }: { crews: readonly DemoCrew[] }) => {
  const [problem, setProblem] = useState('');
  const enter = async (crew: string, person: string) => {
    const answer = await call<{ who: AtWork }>('/api/sign-in/demo', { method: 'POST', body: { crew, person } });
    if (answer.kind !== 'ok') return setProblem(answer.error);
    setDeviceUser(answer.value.who);
    window.location.assign('/');
  };
  return (
    <section aria-labelledby="demo-title" className="mt-8">
      <h2 id="demo-title" className="font-label text-xl font-semibold">
        Demo: two made-up crews. Tap a name to sign in.
      </h2>
      <ErrorLine problem={problem} />
      <div className="grid grid-cols-1 gap-x-8 sm:grid-cols-2">
        {crews.map((crew) => (
          <section key={crew.handle} aria-label={crew.name}>
            <h3 className="eyebrow mt-3">{crew.name}</h3>
            <ul>
              {crew.people.map(({ id, name, role }) => (
                <li key={id} className="border-b border-line">
                  <button
                    type="button"
                    data-person={id}
                    data-role={role}
                    onClick={() => enter(crew.handle, id)}
                    className="flex min-h-12 w-full items-center gap-3 text-left hover:bg-sheet"
                  >
                    <span className="flex-1">{name}</span>
                    <span className="text-sm text-quiet">{ROLES[role].label}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  );
};
