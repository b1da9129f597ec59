'use client';

import { Copy, Download } from 'lucide-react';
import { v4 as uuid } from 'uuid';
import { copyOfProfile, profileIdOf } from '@/core/setup/profiles/edit';
import { type ControllerProfile, optionsOf, settingsOf } from '@/core/setup/profiles/profile';
import { settingById } from '@/core/setup/settings';
import { useNewProfile } from './library';

/** A shipped profile, to read and copy. */
export const ProfileReader = ({ profile }: { profile: ControllerProfile }) => {
  const create = useNewProfile();
  return (
    <>
      <p className="max-w-prose">{profile.about}</p>
      <div className="my-3 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="strong-button"
          onClick={() => void create(copyOfProfile(profile, profileIdOf(profile.name, uuid())))}
        >
          <Copy size={18} aria-hidden /> Copy and edit
        </button>
        {(['yaml', 'json'] as const).map((as) => (
          <a key={as} className="plain-button" href={`/api/profiles/${profile.id}/file?as=${as}`} download>
            <Download size={18} aria-hidden /> {as.toUpperCase()}
          </a>
        ))}
      </div>
      <ol className="border-t-2 border-ink">
        {profile.entries.map((entry) => (
          <li
            key={entry.scope + entry.code}
            className="grid gap-x-4 border-b border-line py-2 sm:grid-cols-[6rem_minmax(0,1fr)_minmax(0,1fr)]"
          >
            <span className="font-mono text-lg font-semibold">{entry.code}</span>
            <span>
              {entry.label}
              <span className="block text-sm text-quiet">
                {settingsOf(entry)
                  .map((id) => settingById(id)?.label ?? id)
                  .join(', ')}
              </span>
            </span>
            <span className="text-sm">
              {entry.form.kind === 'number'
                ? `${entry.form.min} to ${entry.form.max}, by ${entry.form.step}${entry.form.none ? `, or ${entry.form.none}` : ''}`
                : optionsOf(entry)
                    .map(({ code, label }) => `${code} ${label}`)
                    .join(' · ')}
            </span>
          </li>
        ))}
      </ol>
    </>
  );
};
