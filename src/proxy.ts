import { type NextRequest, NextResponse } from 'next/server';

const isProduction = process.env.NODE_ENV === 'production';

const policy = (nonce: string) =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${isProduction ? '' : " 'unsafe-eval'"}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${isProduction ? '' : ' ws:'}`,
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** A write that another site's page sends is refused: the browser says where it comes from. */
const isForeignWrite = (request: NextRequest) => {
  if (request.method === 'GET' || request.method === 'HEAD') return false;
  const site = request.headers.get('sec-fetch-site');
  return site !== null && site !== 'same-origin' && site !== 'none';
};

/** Sets the content security policy, with a fresh nonce for each page, and keeps foreign writes out. */
export const proxy = (request: NextRequest): NextResponse => {
  if (isForeignWrite(request))
    return NextResponse.json({ error: 'Writes from other sites are refused.', path: '' }, { status: 403 });
  const nonce = btoa(crypto.randomUUID());
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy(nonce));
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy(nonce));
  return response;
};

export const config = { matcher: ['/((?!_next/static|_next/image|favicon.ico|icon.svg).*)'] };
