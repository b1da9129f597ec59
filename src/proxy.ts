import { type NextRequest, NextResponse } from 'next/server';
import { SIGNED_OUT_COOKIE } from './core/access/signed-out';
import { isSecure } from './server/access/connection';
import { SESSION_COOKIE } from './server/access/session-cookie';
import { allowedHosts, notLetIn } from './server/http/allowed';

const isProduction = process.env.NODE_ENV === 'production';

const policy = (nonce: string) =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${isProduction ? '' : " 'unsafe-eval'"}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    // Meters of this machine are listened to.
    `connect-src 'self' http://127.0.0.1:* http://localhost:*${isProduction ? '' : ' ws:'}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Whether an address can be read: half a letter in it cannot. */
const isReadable = (pathname: string): boolean => {
  try {
    decodeURIComponent(pathname);
    return true;
  } catch {
    return false;
  }
};

/** Pages that are read without signing in, and everything that answers for itself. */
const OPEN = /^\/(api|guide|sign-in|first-start|join|shared|shell|serwist)(\/|$)/;

/** Where to sign in, for whoever asks for a page and has no session; the page is gone on with afterward. */
const signInFirst = (request: NextRequest): URL | null => {
  const { nextUrl, cookies, headers } = request;
  const { pathname, search, host } = nextUrl;
  if (OPEN.test(pathname) || (cookies.has(SESSION_COOKIE) && !cookies.has(SIGNED_OUT_COOKIE))) return null;
  const to = pathname === '/' ? '' : `?to=${encodeURIComponent(pathname + search)}`;
  // Behind a proxy this process knows its own name alone; the one that was asked for has been let in.
  return new URL(`/sign-in${to}`, `${isSecure(request) ? 'https' : 'http'}://${headers.get('host') ?? host}`);
};

const HOSTS = allowedHosts(process.env);

/** Sets the content security policy, with a fresh nonce for each page; keeps out foreign writes and foreign names. */
export const proxy = (request: NextRequest): NextResponse => {
  const refused = notLetIn(request, HOSTS);
  if (refused) return NextResponse.json({ error: refused.error, path: '' }, { status: refused.status });
  if (!isReadable(request.nextUrl.pathname))
    return NextResponse.json(
      { error: 'This link is incomplete. Check that you copied all of it.', path: '' },
      { status: 400 },
    );
  // Answers of the interface hold no page: they need no policy of their own.
  if (request.nextUrl.pathname.startsWith('/api/')) return NextResponse.next();
  const to = signInFirst(request);
  if (to) return NextResponse.redirect(to);
  const nonce = btoa(crypto.randomUUID());
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  // The page that devices keep for times offline is no one's.
  if (request.nextUrl.pathname === '/shell') headers.set('x-nobodys', 'yes');
  else headers.delete('x-nobodys');
  headers.set('content-security-policy', policy(nonce));
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy(nonce));
  return response;
};

export const config = {
  matcher: ['/((?!_next/static|_next/image|favicon.ico|icon.svg|icon-\\d+.png|manifest.webmanifest).*)'],
};
