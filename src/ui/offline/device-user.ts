import type { AtWork } from '@/core/access/at-work';
import { usePerson } from '../person/person';
import { setActingUser } from '../requests/acting-user';
import { claimDrafts } from '../storage/drafts';
import { dropSafe, saveSafe } from '../storage/safe-storage';

const KEY = 'gate-cross:who';

const keepWho = (crew: AtWork): void => {
  try {
    const text = JSON.stringify(crew);
    // What is there already is not written again: each write waits for the disk.
    if (localStorage.getItem(KEY) !== text) saveSafe(KEY, text);
  } catch {
    // A device that keeps nothing knows nobody.
  }
};

/** Who worked here last; null where no one did, or signed out. */
export const deviceUser = (): AtWork | null => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? 'null') as AtWork | null;
  } catch {
    return null;
  }
};

/**
 * Says whose device this is from now on, as at sign-in and on every page of someone who is signed in. What an older
 * version saved here without a name was the one's before; who reads is the new one.
 */
export const setDeviceUser = (crew: AtWork): void => {
  const before = deviceUser();
  setActingUser(crew);
  if (before?.personId === crew.personId) {
    // A page that knows less of the crew leaves what is known.
    keepWho(crew.names.length > 0 ? crew : { ...crew, names: before.names, instruments: before.instruments });
    return;
  }
  if (before) claimDrafts(before.personId);
  keepWho(crew);
  usePerson.getState().set({ author: crew.me });
};

/** Forgets whose device this is, as when he signs out: what waits stays under his name. */
export const forgetDeviceUser = (): void => {
  const before = deviceUser();
  if (before) claimDrafts(before.personId);
  setActingUser(null);
  dropSafe(KEY);
};
