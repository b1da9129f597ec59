'use client';

import { useEffect, useState } from 'react';
import type { EnteredBy } from '@/core/access/entered-by';
import { may } from '@/core/access/may';
import { chosenRound } from '@/core/practice/chosen';
import { SHIPPED_STORED } from '@/core/setup/profiles/shipped-stored';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import type { JobBundle } from '@/core/sync/job/job-bundle';
import { READ_COOKIE, readPlaces } from '../job/read-cookie';
import { NewJob } from '../job-list/new-job';
import { HeaderWithBack } from '../kit/header-with-back';
import { Library } from '../library/library';
import { ProfilePage } from '../library/profile-page';
import { savedBundle } from '../offline/device';
import { DeviceList } from '../offline/device-list';
import { deviceUser } from '../offline/device-user';
import { isOpenHere } from '../offline/pin';
import { PinGate } from '../offline/pin-gate';
import { savedProfiles } from '../offline/saved-profiles';
import { FacePage } from '../practice/face/face-page';
import { PracticePage } from '../practice/practice-page';
import { RoundPage } from '../practice/round-page';
import { setActingUser } from '../requests/acting-user';
import { RULER_COOKIE } from '../ruler/cookie';
import { restoreSafe } from '../storage/safe-storage';
import { isTheme, THEME_COOKIE } from '../theme/themes';
import { JobFrame } from './frame';
import { JobPages } from './job-pages';

const cookie = (name: string): string | undefined =>
  document.cookie
    .split('; ')
    .find((pair) => pair.startsWith(`${name}=`))
    ?.slice(name.length + 1);

/** Job id in an address; null if none. */
const jobOf = (pathname: string): string | null => /^\/jobs\/([0-9a-f-]{36})(?:\/|$)/i.exec(pathname)?.[1] ?? null;

const Unreached = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <main className="mx-auto max-w-3xl px-3 py-4 sm:px-6">
    <HeaderWithBack to="/" toLabel="All jobs" title={title} />
    <p role="status" className="mt-2 font-medium text-warn">
      The server cannot be reached. {children}
    </p>
    {deviceUser() && may(deviceUser()!, 'change') && (
      <div className="mt-3">
        <NewJob samples={[]} />
      </div>
    )}
    <DeviceList />
  </main>
);

const KeptJob = ({ id }: { id: string }) => {
  const [kept, setKept] = useState<JobBundle | null | undefined>(undefined);
  useEffect(() => {
    let isOver = false;
    void savedBundle(id, deviceUser()?.personId ?? '').then((found) => !isOver && setKept(found));
    return () => {
      isOver = true;
    };
  }, [id]);
  if (kept === undefined) return null;
  if (kept === null) return <Unreached title="Not on this device">This job is not on this device.</Unreached>;
  const { job, crew, note, weather, handovers, profiles } = kept;
  return (
    <JobFrame
      job={job}
      crew={crew}
      note={note}
      rulerFolds={cookie(RULER_COOKIE) ?? ''}
      cautionsRead={readPlaces(cookie(READ_COOKIE))}
    >
      <JobPages initial={{ weather, handovers, profiles }} />
    </JobFrame>
  );
};

/** The crew's profiles on this device; null: loading. */
const useProfilesHere = (): readonly StoredProfile[] | null => {
  const [own, setOwn] = useState<readonly StoredProfile[] | null>(null);
  useEffect(() => {
    let isOver = false;
    void savedProfiles(deviceUser()?.personId ?? '').then((found) => !isOver && setOwn(found));
    return () => {
      isOver = true;
    };
  }, []);
  return own;
};

/** The crew's profiles: all, or the one of an address. */
const KeptLibrary = ({ profileId }: { profileId: string | null }) => {
  const own = useProfilesHere();
  if (own === null) return null;
  if (profileId === null) return <Library profiles={[...own, ...SHIPPED_STORED]} />;
  const stored = [...own, ...SHIPPED_STORED].find(({ profile }) => profile.id === profileId);
  return stored ? (
    <ProfilePage stored={stored} />
  ) : (
    <Unreached title="Library">This controller is not on this device.</Unreached>
  );
};

/** Practice needs no server: its houses and controllers are calculated on the device. */
const PracticeHere = ({ path, who }: { path: string; who: EnteredBy }) => {
  const own = useProfilesHere();
  if (own === null) return null;
  const profiles = [...SHIPPED_STORED, ...own].map(({ profile }) => profile);
  if (path === '') return <PracticePage personId={who.personId} controllers={profiles} />;
  const controller = profiles.find(({ id }) => path === `/controllers/${id}`);
  if (controller) return <FacePage profile={controller} />;
  const query = new URLSearchParams(window.location.search);
  const chosen = chosenRound(path.slice(1), query.get('seed') ?? '1', query.has('endless'));
  return chosen ? (
    <RoundPage chosen={chosen} who={who} />
  ) : (
    <Unreached title="Practice">That is not on this device.</Unreached>
  );
};

/** The page shown for any address offline: the job of the address, or the device's contents. */
export const Shell = () => {
  const [isReady, setReady] = useState(false);
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    // The device's person and queued requests may have to be restored first.
    void restoreSafe().then(() => {
      // Sent from here as this person once online.
      setActingUser(deviceUser());
      setReady(true);
    });
    const theme = cookie(THEME_COOKIE);
    if (isTheme(theme)) document.documentElement.dataset.theme = theme;
  }, []);
  if (!isReady) return null;
  const { pathname } = window.location;
  const who = deviceUser();
  if (who && !isOpen && !isOpenHere(who.personId))
    return <PinGate name={who.me} personId={who.personId} onOpen={() => setOpen(true)} />;
  const id = jobOf(pathname);
  const controller = /^\/library(?:\/([a-z0-9-]+))?$/.exec(pathname);
  if (controller && who && controller[1] !== 'meter') return <KeptLibrary profileId={controller[1] ?? null} />;
  const practice = /^\/practice((?:\/[a-z0-9-]+){0,2})$/.exec(pathname);
  if (practice && who) return <PracticeHere path={practice[1]!} who={who} />;
  if (id) return <KeptJob id={id.toLowerCase()} />;
  if (pathname === '/sign-in' && !who)
    return <Unreached title="Signed out">You are signed out on this device. To sign in you need signal.</Unreached>;
  return pathname === '/' || pathname === '/device' ? (
    <Unreached title="On this device">These jobs open offline, with every page.</Unreached>
  ) : (
    <Unreached title="Gate Cross">This page needs a connection. These jobs open offline.</Unreached>
  );
};
