'use client';

import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { HeaderWithBack } from '../kit/header-with-back';
import { ProfileEditor } from './profile-editor';
import { ProfileReader } from './profile-reader';

/** One controller: shipped ones are read-only, the crew's own are editable. */
export const ProfilePage = ({ stored }: { stored: StoredProfile }) => {
  const isShipped = stored.revision === null;
  return (
    <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <HeaderWithBack to="/library" toLabel="Library" title={isShipped ? stored.profile.name : 'Controller profile'} />
      {isShipped ? <ProfileReader profile={stored.profile} /> : <ProfileEditor stored={stored} />}
    </main>
  );
};
