import { type AtWork, readAtWork } from '@/core/instrument/at-work';
import { sameValue } from '@/core/job/document';
import { usePerson } from '../person/person';
import { setActingUser } from '../requests/acting-user';
import { claimDrafts } from '../storage/drafts';
import { KEYS } from '../storage/keys';
import { dropSafe } from '../storage/safe-storage';
import { readStored, saveStored } from '../storage/stored';

const keepWho = (crew: AtWork): void => {
  // Existing data is not written again: each write waits for the disk.
  if (!sameValue(deviceUser(), crew)) saveStored(KEYS.who, crew);
};

/** Who worked here last; null if no one, or if they signed out. */
export const deviceUser = (): AtWork | null => readStored(KEYS.who, readAtWork);

/**
 * Records whose device this is, at sign-in and on every signed-in page. Unnamed drafts of an older version belonged to
 * the previous person; the new one takes readings now.
 */
export const setDeviceUser = (crew: AtWork): void => {
  const before = deviceUser();
  setActingUser(crew);
  if (before?.personId === crew.personId) {
    // A page that does not know the crew leaves it as it is.
    keepWho(crew.names.length > 0 ? crew : { ...crew, names: before.names, instruments: before.instruments });
    return;
  }
  if (before) claimDrafts(before.personId);
  keepWho(crew);
  usePerson.getState().set({ author: crew.me });
};

/** Forgets whose device this is, at sign-out: waiting entries stay under their name. */
export const forgetDeviceUser = (): void => {
  const before = deviceUser();
  if (before) claimDrafts(before.personId);
  setActingUser(null);
  dropSafe(KEYS.who);
};
