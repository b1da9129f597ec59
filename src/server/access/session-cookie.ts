import { SIGNED_OUT_COOKIE } from '../../core/access/signed-out';

/** Cookie with the session token. */
export const SESSION_COOKIE = 'gate-cross-session';

/** Cookie of a device on which a person signed in before; it grants nothing. */
export const DEVICE_COOKIE = 'gate-cross-device';

/** Maximum age of a session, s: thirty days. */
const ABSOLUTE_S = 30 * 86_400;
/** A device is known for a year, s. */
const KNOWN_S = 365 * 86_400;

const cookieIn = (request: Request, name: string): string | null => {
  const pairs = (request.headers.get('cookie') ?? '').split(';').map((pair) => pair.trim());
  return pairs.find((pair) => pair.startsWith(`${name}=`))?.slice(name.length + 1) || null;
};

/** The session token in a request's cookies, even if its person signed out on the device; null if none. */
export const sessionTokenKept = (request: Request): string | null => cookieIn(request, SESSION_COOKIE);

/** The session token in a request's cookies; null if none, or if its person signed out on the device. */
export const sessionToken = (request: Request): string | null =>
  cookieIn(request, SIGNED_OUT_COOKIE) === null ? sessionTokenKept(request) : null;

/** The device token in a request's cookies; null if none. */
export const deviceToken = (request: Request): string | null => cookieIn(request, DEVICE_COOKIE);

const cookie = (name: string, value: string, maxAgeS: number, isSecure: boolean): string =>
  `${name}=${value}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${maxAgeS}${isSecure ? '; Secure' : ''}`;

/** Clears the signed-out mark once the server knows. */
const NOT_SIGNED_OUT = `${SIGNED_OUT_COOKIE}=; Path=/; SameSite=Lax; Max-Age=0`;

/** Headers that set a session and the device cookie. */
export const keepSession = (session: string, device: string | null, isSecure: boolean): Headers => {
  const headers = new Headers();
  headers.append('set-cookie', cookie(SESSION_COOKIE, session, ABSOLUTE_S, isSecure));
  headers.append('set-cookie', NOT_SIGNED_OUT);
  if (device !== null) headers.append('set-cookie', cookie(DEVICE_COOKIE, device, KNOWN_S, isSecure));
  return headers;
};

/** Headers that remove a session; the device stays known. */
export const dropSession = (): Headers => {
  const headers = new Headers();
  headers.append('set-cookie', cookie(SESSION_COOKIE, '', 0, false));
  headers.append('set-cookie', NOT_SIGNED_OUT);
  return headers;
};
