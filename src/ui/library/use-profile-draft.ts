'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { savedHere } from '@/core/sync/answer';
import { deviceUser } from '../offline/device-user';
import { isQueued, sendQueued } from '../offline/queued-requests';
import { restorePerson, usePerson } from '../person/person';
import { actingUser } from '../requests/acting-user';
import { call } from '../requests/api';
import { loadDrafts, saveDraft } from '../storage/drafts';
import { restoreSafe } from '../storage/safe-storage';

type SaveState = 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused';

const SAVE_DELAY_MS = 700;
const RETRY_MS = 3000;

/** Unacknowledged edits of a profile. */
interface ProfileDraft {
  readonly baseRevision: number | null;
  readonly profile: ControllerProfile;
}

const draftOf = (id: string) => `profile:${id}`;
/** Owner of the edits. */
const mine = (): string => actingUser()?.personId ?? deviceUser()?.personId ?? '';

/** A profile draft: saves itself, stores unsaved edits on the device, and asks after a conflict. */
export const useProfileDraft = (stored: StoredProfile) => {
  const [profile, setProfile] = useState(stored.profile);
  const [state, setState] = useState<SaveState>('saved');
  const [problem, setProblem] = useState('');
  const [theirs, setTheirs] = useState<StoredProfile | null>(null);
  const live = useRef({
    revision: stored.revision,
    profile: stored.profile,
    saveId: null as string | null,
    sent: null as ControllerProfile | null,
    isSending: false,
    isStale: false,
  });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const send = useRef<() => Promise<void>>(undefined);

  const schedule = useCallback((inMs: number) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send.current?.(), inMs);
  }, []);

  useEffect(() => {
    send.current = async () => {
      const now = live.current;
      if (now.isSending || now.isStale) return;
      now.isSending = true;
      // The same content sent again is the same save; a newer one waits.
      now.sent ??= now.profile;
      now.saveId ??= uuid();
      setState('saving');
      // A profile begun on this device is created on the server first.
      const who = deviceUser();
      if (who && isQueued(now.profile.id, 'before', who.personId)) await sendQueued(who.personId, () => true);
      const answer = await call<StoredProfile>('/api/profiles', {
        method: 'PUT',
        body: {
          saveId: now.saveId,
          baseRevision: now.revision,
          profile: now.sent,
          author: usePerson.getState().author,
        },
      });
      now.isSending = false;
      if (answer.kind === 'lost') {
        setState('lost');
        setProblem(savedHere(answer));
        return schedule(RETRY_MS);
      }
      const sent = now.sent;
      now.sent = null;
      now.saveId = null;
      if (answer.kind === 'refused') {
        const other = answer.status === 409 ? (answer.body as { stored?: StoredProfile }).stored : undefined;
        now.isStale = other !== undefined;
        setTheirs(other ?? null);
        setState(other ? 'stale' : 'refused');
        return setProblem(answer.path ? `${answer.path}: ${answer.error}` : answer.error);
      }
      now.revision = answer.value.revision;
      setProblem('');
      if (now.profile !== sent) return schedule(0);
      saveDraft(draftOf(now.profile.id), null, mine());
      setState('saved');
    };
    return () => clearTimeout(timer.current);
  }, [schedule]);

  useEffect(() => {
    restorePerson();
    const takeKept = async () => {
      await restoreSafe();
      const kept = loadDrafts<ProfileDraft>(draftOf(stored.profile.id), mine()).at(-1);
      if (!kept || stored.revision === null) return;
      saveDraft(draftOf(stored.profile.id), kept, mine());
      live.current.profile = kept.profile;
      setProfile(kept.profile);
      if (kept.baseRevision === stored.revision) return schedule(0);
      live.current.isStale = true;
      setTheirs(stored);
      setState('stale');
    };
    const later = setTimeout(() => void takeKept(), 0);
    return () => clearTimeout(later);
  }, [stored, schedule]);

  const change = useCallback(
    (edit: (profile: ControllerProfile) => ControllerProfile) => {
      const next = edit(live.current.profile);
      live.current.profile = next;
      setProfile(next);
      saveDraft<ProfileDraft>(draftOf(next.id), { baseRevision: live.current.revision, profile: next }, mine());
      if (live.current.isStale) return;
      setState('waiting');
      schedule(SAVE_DELAY_MS);
    },
    [schedule],
  );

  /** Settles a conflict: this version is saved over the other, or the other is taken. */
  const settle = (takesTheirs: boolean) => {
    if (!theirs) return;
    live.current = { ...live.current, revision: theirs.revision, isStale: false, sent: null, saveId: null };
    setTheirs(null);
    if (takesTheirs) {
      live.current.profile = theirs.profile;
      setProfile(theirs.profile);
      saveDraft(draftOf(theirs.profile.id), null, mine());
      return setState('saved');
    }
    setState('waiting');
    schedule(0);
  };

  return { profile, change, state, problem, theirs, settle };
};
