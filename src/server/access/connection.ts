const LOOPBACK = /^(localhost|[a-z0-9-]+\.localhost|127(\.\d+){3}|\[::1\])(:\d+)?$/i;

/** Whether to trust a proxy about the client's address and protocol. */
const trustsProxy = (): boolean => process.env.TRUST_PROXY === 'yes';

/** Whether a request came over TLS, as far as known: the proxy says so, or the address does. */
export const isSecure = (request: Request): boolean =>
  trustsProxy() ? request.headers.get('x-forwarded-proto') === 'https' : new URL(request.url).protocol === 'https:';

/** Whether a password may travel: over TLS, or within this machine. */
export const mayCarryPassword = (request: Request): boolean =>
  isSecure(request) || LOOPBACK.test(request.headers.get('host') ?? new URL(request.url).host);

/** What to do if it may not. */
export const PLAIN_CONNECTION =
  'This connection is not encrypted, so a password could be read in transit. Put the application behind TLS and start it with TRUST_PROXY=yes, or open it on the machine itself.';

/** Client address reported by the proxy; null if no proxy is trusted. */
export const addressOf = (request: Request): string | null =>
  (trustsProxy() && request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim()) || null;
