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
    // Meters on this machine may be connected to.
    `connect-src 'self' http://127.0.0.1:* http://localhost:*${isProduction ? '' : ' ws:'}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Whether an address can be decoded: half a character cannot. */
const isReadable = (pathname: string): boolean => {
  try {
    decodeURIComponent(pathname);
    return true;
  } catch {
    return false;
  }
};

/** Pages that need no sign-in, and routes that answer for themselves. */
const OPEN = /^\/(api|guide|sign-in|first-start|join|shared|shell|serwist)(\/|$)/;

/** Sends a page request without a session to sign-in; the page continues afterward. */
const signInFirst = (request: NextRequest): URL | null => {
  const { nextUrl, cookies, headers } = request;
  const { pathname, search, host } = nextUrl;
  if (OPEN.test(pathname) || (cookies.has(SESSION_COOKIE) && !cookies.has(SIGNED_OUT_COOKIE))) return null;
  const to = pathname === '/' ? '' : `?to=${encodeURIComponent(pathname + search)}`;
  // Behind a proxy this process knows only its own name; the requested host was already checked.
  return new URL(`/sign-in${to}`, `${isSecure(request) ? 'https' : 'http'}://${headers.get('host') ?? host}`);
};

const HOSTS = allowedHosts(process.env);

/** Sets the content security policy with a fresh nonce per page; rejects foreign writes and hosts. */
export const proxy = (request: NextRequest): NextResponse => {
  const refused = notLetIn(request, HOSTS);
  if (refused) return NextResponse.json({ error: refused.error, path: '' }, { status: refused.status });
  if (!isReadable(request.nextUrl.pathname))
    return NextResponse.json(
      { error: 'This link is incomplete. Check that you copied all of it.', path: '' },
      { status: 400 },
    );
  // API responses contain no page and need no policy.
  if (request.nextUrl.pathname.startsWith('/api/')) return NextResponse.next();
  const to = signInFirst(request);
  if (to) return NextResponse.redirect(to);
  const nonce = btoa(crypto.randomUUID());
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  // The offline shell belongs to no one.
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
