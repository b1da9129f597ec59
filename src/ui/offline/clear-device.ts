import { SIGNED_OUT_COOKIE } from '@/core/access/signed-out';
import { call } from '../requests/api';
import { restoreSafe } from '../storage/safe-storage';
import { removeSent } from './device';
import { deviceUser, forgetDeviceUser } from './device-user';
import { dropPin } from './pin';
import { queuedRequests } from './queued-requests';
import { waitingHere, waitsHere } from './waiting';

const EVERYWHERE = 'everywhere';

/** The device's mark that its person signed out, until the server knows; null: it knows, or they did not. */
const signedOutHere = (): string | null =>
  document.cookie
    .split('; ')
    .find((pair) => pair.startsWith(`${SIGNED_OUT_COOKIE}=`))
    ?.slice(SIGNED_OUT_COOKIE.length + 1) ?? null;

/** Longer than any session, s. */
const KEPT_S = 31 * 86_400;

/** Ends the session on the server; false if out of reach. */
const endSession = async (everywhere: boolean): Promise<boolean> =>
  (await call('/api/sign-out', { method: 'POST', body: { everywhere } })).kind === 'ok';

/** Ends on the server a session whose person signed out here offline. */
export const finishSignOut = async (): Promise<void> => {
  const kept = signedOutHere();
  if (kept !== null) await endSession(kept === EVERYWHERE);
};

/**
 * Signs out on this device, whether or not the server is reached or the session has ended: data that the server has is
 * removed; waiting entries stay, under their person.
 * @returns how many entries wait
 */
export const clearDevice = async (everywhere: boolean): Promise<number> => {
  await restoreSafe();
  // From here on no page is shown with this session, even if it could not be ended.
  document.cookie = `${SIGNED_OUT_COOKIE}=${everywhere ? EVERYWHERE : 'here'}; Path=/; SameSite=Lax; Max-Age=${KEPT_S}`;
  await endSession(everywhere);
  const who = deviceUser();
  forgetDeviceUser();
  if (who === null) {
    await removeSent(() => false);
    return 0;
  }
  dropPin(who.personId);
  const requests = queuedRequests(who.personId);
  const isAsked = (id: string, personId: string) => queuedRequests(personId).some(({ about }) => about === id);
  await removeSent(({ id, personId }) => isAsked(id, personId) || waitsHere(id, personId));
  const entries = waitingHere(who.personId).filter(({ isOthers }) => !isOthers);
  return requests.length + entries.reduce((sum, { count }) => sum + count, 0);
};
