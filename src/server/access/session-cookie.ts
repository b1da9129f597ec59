/** The cookie that holds a session's token. */
export const SESSION_COOKIE = 'gate-cross-session';

/** A session ends so long after it began, s: thirty days. */
const ABSOLUTE_S = 30 * 86_400;

/** The token in a request's cookies; null where there is none. */
export const sessionToken = (request: Request): string | null => {
  const pairs = (request.headers.get('cookie') ?? '').split(';').map((pair) => pair.trim());
  const found = pairs.find((pair) => pair.startsWith(`${SESSION_COOKIE}=`));
  return found ? found.slice(SESSION_COOKIE.length + 1) : null;
};

const cookie = (value: string, maxAgeS: number, isSecure: boolean): string =>
  `${SESSION_COOKIE}=${value}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${maxAgeS}${isSecure ? '; Secure' : ''}`;

/** The header that keeps a session on a device. */
export const keepSession = (token: string, isSecure: boolean): string => cookie(token, ABSOLUTE_S, isSecure);

/** The header that takes it off again. */
export const dropSession = (): string => cookie('', 0, false);
