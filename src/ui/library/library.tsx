'use client';

import { Copy, Download, Plus, Radio, Trash2, Upload } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useTransition } from 'react';
import { v4 as uuid } from 'uuid';
import { CONTROLLER_ROLES, type ControllerRole, CONTROLLERS } from '@/core/job/controllers';
import { blankProfile, copyOfProfile, profileIdOf } from '@/core/setup/profiles/edit';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { newController } from '@/core/sync/queue/requests';
import { DateText } from '../kit/date-text';
import { FileButton } from '../kit/file-button';
import { HeaderWithBack } from '../kit/header-with-back';
import { toast } from '../kit/toast';
import { sendOrQueue } from '../offline/queued-requests';
import { usePerson } from '../person/person';
import { actingUser } from '../requests/acting-user';
import { call, failedWords } from '../requests/api';
import { readProfile } from './read-profile';

/** Saves a new profile and opens it. */
export const useNewProfile = () => {
  const router = useRouter();
  return async (profile: ControllerProfile, opens = true) => {
    const answer = await sendOrQueue(newController(uuid(), profile, actingUser() ?? { personId: '' }));
    if (answer.kind === 'queued') toast('The controller is saved on this device and will sync when you are online.');
    else if (answer.kind !== 'ok') {
      const where = answer.kind === 'refused' && answer.path ? `${answer.path}: ` : '';
      toast.error(failedWords(`The profile was not saved. ${where}`.trim(), answer), { duration: 20_000 });
      return false;
    }
    if (opens) router.push(`/library/${profile.id}`);
    return true;
  };
};

/** The Library: controllers' own names for settings. Shipped profiles are copied; the crew's own are edited. */
export const Library = ({ profiles }: { profiles: readonly StoredProfile[] }) => {
  const router = useRouter();
  const [, startTransition] = useTransition();
  const create = useNewProfile();
  const refresh = () => startTransition(() => router.refresh());
  const make = (role: ControllerRole) =>
    create(blankProfile(profileIdOf(CONTROLLERS[role], uuid()), `New ${CONTROLLERS[role].toLowerCase()}`, role));
  const move = async ({ profile }: StoredProfile, action: 'delete' | 'undelete') => {
    const answer = await call(`/api/profiles/${profile.id}/move`, {
      method: 'POST',
      body: { action, author: usePerson.getState().author },
    });
    if (answer.kind !== 'ok') return toast.error(failedWords('The profile was not changed.', answer));
    refresh();
    if (action === 'delete')
      toast(`Deleted: ${profile.name}`, {
        action: {
          label: 'Undo',
          onClick: () => void move({ profile, revision: 0, updatedAt: null, updatedBy: '' }, 'undelete'),
        },
      });
  };
  const take = async (file: File) => {
    const parsed = await readProfile(await file.text());
    if (!parsed.ok)
      return toast.error(`${file.name} was not imported. ${parsed.path} ${parsed.error}`, { duration: 20_000 });
    const isTaken = profiles.some(({ profile }) => profile.id === parsed.value.id);
    const profile = isTaken ? copyOfProfile(parsed.value, profileIdOf(parsed.value.name, uuid())) : parsed.value;
    if (await create(profile))
      toast(isTaken ? `That ID is already used: imported as ${profile.name}.` : `Imported: ${profile.name}`);
  };
  return (
    <main className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <HeaderWithBack to="/" toLabel="All jobs" title="Library">
        <Link href="/library/meter" prefetch={false} className="plain-button">
          <Radio size={18} aria-hidden /> Simulated meter
        </Link>
        <FileButton label="Profile file" accept=".yaml,.yml,.json" onFile={(file) => void take(file)}>
          <Upload size={18} aria-hidden /> Import a file
        </FileButton>
      </HeaderWithBack>
      <p className="max-w-prose py-3 text-quiet">
        Controller profiles: each controller’s settings, in its own words and order. They make the cards on a job’s
        Setup page. Type yours in from the manual, or copy one that is close.
      </p>
      {CONTROLLER_ROLES.map((role) => (
        <section key={role} aria-label={CONTROLLERS[role]} className="mb-6">
          <div className="flex items-center justify-between border-b-2 border-ink">
            <h2 className="part-head">{CONTROLLERS[role]}s</h2>
            <button type="button" className="bare-button px-2" onClick={() => void make(role)}>
              <Plus size={18} aria-hidden /> New
            </button>
          </div>
          <ul>
            {profiles
              .filter(({ profile }) => profile.role === role)
              .map((stored) => {
                const { profile, revision, updatedAt } = stored;
                return (
                  <li key={profile.id} className="flex flex-wrap items-center gap-x-2 border-b border-line py-1">
                    <Link
                      href={`/library/${profile.id}`}
                      prefetch={false}
                      className="min-w-0 flex-1 basis-72 py-2 hover:bg-sheet"
                    >
                      <span className="font-label text-xl font-semibold">{profile.name}</span>{' '}
                      <span className="text-sm text-quiet">
                        {profile.entries.length} entries ·{' '}
                        {revision === null ? 'built-in sample' : updatedAt && <DateText at={updatedAt} />}
                      </span>
                      <span className="block text-sm text-quiet">{profile.about}</span>
                    </Link>
                    <button
                      type="button"
                      className="plain-button"
                      onClick={() => void create(copyOfProfile(profile, profileIdOf(profile.name, uuid())))}
                      aria-label={`Copy ${profile.name}`}
                    >
                      <Copy size={18} aria-hidden /> Copy
                    </button>
                    <a
                      className="plain-button"
                      href={`/api/profiles/${profile.id}/file?as=yaml`}
                      download
                      aria-label={`${profile.name} as YAML`}
                    >
                      <Download size={18} aria-hidden /> YAML
                    </a>
                    {revision !== null && (
                      <button
                        type="button"
                        className="bare-button"
                        onClick={() => void move(stored, 'delete')}
                        aria-label={`Delete ${profile.name}`}
                      >
                        <Trash2 size={18} aria-hidden />
                      </button>
                    )}
                  </li>
                );
              })}
          </ul>
        </section>
      ))}
    </main>
  );
};
