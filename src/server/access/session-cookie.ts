import { SIGNED_OUT_COOKIE } from '../../core/access/signed-out';

/** The cookie that holds a session's token. */
export const SESSION_COOKIE = 'gate-cross-session';

/** The cookie by which a device is known on which a person signed in before; it opens nothing. */
export const DEVICE_COOKIE = 'gate-cross-device';

/** A session ends so long after it began, s: thirty days. */
const ABSOLUTE_S = 30 * 86_400;
/** A device is known for a year, s. */
const KNOWN_S = 365 * 86_400;

const cookieIn = (request: Request, name: string): string | null => {
  const pairs = (request.headers.get('cookie') ?? '').split(';').map((pair) => pair.trim());
  return pairs.find((pair) => pair.startsWith(`${name}=`))?.slice(name.length + 1) || null;
};

/** The session's token in a request's cookies, though its person signed out on the device; null where there is none. */
export const sessionTokenKept = (request: Request): string | null => cookieIn(request, SESSION_COOKIE);

/** The session's token in a request's cookies; null where there is none, or its person signed out on the device. */
export const sessionToken = (request: Request): string | null =>
  cookieIn(request, SIGNED_OUT_COOKIE) === null ? sessionTokenKept(request) : null;

/** The token of a known device in a request's cookies; null where there is none. */
export const deviceToken = (request: Request): string | null => cookieIn(request, DEVICE_COOKIE);

const cookie = (name: string, value: string, maxAgeS: number, isSecure: boolean): string =>
  `${name}=${value}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${maxAgeS}${isSecure ? '; Secure' : ''}`;

/** Clears the mark of having signed out: the server knows. */
const NOT_SIGNED_OUT = `${SIGNED_OUT_COOKIE}=; Path=/; SameSite=Lax; Max-Age=0`;

/** The headers that keep a session on a device, and let the device be known. */
export const keepSession = (session: string, device: string | null, isSecure: boolean): Headers => {
  const headers = new Headers();
  headers.append('set-cookie', cookie(SESSION_COOKIE, session, ABSOLUTE_S, isSecure));
  headers.append('set-cookie', NOT_SIGNED_OUT);
  if (device !== null) headers.append('set-cookie', cookie(DEVICE_COOKIE, device, KNOWN_S, isSecure));
  return headers;
};

/** The headers that take a session off again; the device stays known. */
export const dropSession = (): Headers => {
  const headers = new Headers();
  headers.append('set-cookie', cookie(SESSION_COOKIE, '', 0, false));
  headers.append('set-cookie', NOT_SIGNED_OUT);
  return headers;
};
