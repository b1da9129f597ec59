'use client';

import { useEffect, useState } from 'react';
import { createStore, useStore } from 'zustand';
import type { Parsed } from '@/core/border/parse';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { type ProfileDraft, readProfileDraft } from '@/core/sync/profile/draft';
import { profileAtRest, profileMachine, type ProfileSync } from '@/core/sync/profile/profile-sync';
import { runSync } from '@/core/sync/run';
import { devicePorts, tickNow } from '../offline/device-ports';
import { deviceUser } from '../offline/device-user';
import { profileDraftKey } from '../offline/waiting';
import { restorePerson } from '../person/person';
import { actingUser } from '../requests/acting-user';
import { loadDrafts, type TakenDraft } from '../storage/drafts';
import { restoreSafe } from '../storage/safe-storage';

/** Debounce before an edit is sent, ms. */
const SAVE_DELAY_MS = 700;

const readDraft = (value: unknown): Parsed<TakenDraft<ProfileDraft>> => {
  const read = readProfileDraft(value);
  return read.ok ? { ok: true, value: { draft: read.value, unread: null } } : read;
};

/** Owner of the edits. */
const owner = () => actingUser() ?? deviceUser() ?? { personId: '' };

/** A profile on this device: saves itself, stores unsaved edits, and asks after a conflict. */
const createProfileStore = (stored: StoredProfile) => {
  const of = profileDraftKey(stored.profile.id);
  const store = createStore<ProfileSync>()(() => profileAtRest(stored));
  const { ports, stop } = devicePorts<ProfileDraft>({ draft: of, about: stored.profile.id }, owner);
  const tell = runSync(profileMachine, { get: store.getState, set: (state) => store.setState(state, true) }, ports);
  return {
    store,
    tell,
    stop,
    start: async () => {
      await restoreSafe();
      tell({ kind: 'found', drafts: loadDrafts(of, readDraft, owner().personId) });
    },
  };
};

/** A profile being edited, with the state of its save. */
export const useProfileDraft = (stored: StoredProfile) => {
  const [{ store, tell, start, stop }] = useState(() => createProfileStore(stored));
  const { profile, saveState, problem, theirs } = useStore(store);
  useEffect(() => {
    restorePerson();
    void start();
    const sendNow = () => tell({ kind: 'due', ...tickNow() });
    window.addEventListener('online', sendNow);
    return () => {
      window.removeEventListener('online', sendNow);
      stop();
    };
  }, [start, stop, tell]);
  const [change] = useState(
    () => (edit: (profile: ControllerProfile) => ControllerProfile) =>
      tell({ kind: 'edited', profile: edit(store.getState().profile), inMs: SAVE_DELAY_MS }),
  );
  /** Resolves a conflict: this version is saved over the other, or the other is taken. */
  const settle = (takesTheirs: boolean) => tell({ kind: 'settled', takesTheirs });
  return { profile, change, state: saveState, problem, theirs, settle };
};
