import { isIP } from 'node:net';

/** Origin and target host of a request. */
interface Asked {
  readonly method: string;
  readonly headers: { readonly get: (name: string) => string | null };
}

/** Why a request is rejected: status, and what to do. */
export interface NotLetIn {
  readonly status: 403 | 421;
  readonly error: string;
}

const hostOf = (address: string): string | null => {
  try {
    return new URL(address).host;
  } catch {
    return null;
  }
};

const nameOf = (host: string): string => (hostOf(`http://${host}`) ?? '').replace(/:\d+$/, '');

/** Host names of the application besides numbers and this machine: as started, and as configured. */
export const allowedHosts = (env: Readonly<Record<string, string | undefined>>): ReadonlySet<string> =>
  new Set(
    [env.HOST, ...(env.ALLOWED_HOSTS ?? '').split(',')].flatMap((name) => {
      const trimmed = name?.trim().toLowerCase();
      return trimmed ? [nameOf(trimmed)] : [];
    }),
  );

/** Whether a host is ours. A numeric address cannot be someone else's DNS name, nor can this machine's name. */
const isOurs = (host: string, names: ReadonlySet<string>): boolean => {
  const name = nameOf(host.toLowerCase());
  const bare = name.replace(/^\[(.*)\]$/, '$1');
  return isIP(bare) !== 0 || name === 'localhost' || name.endsWith('.localhost') || names.has(name);
};

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** A cross-site write: its origin differs, or the browser says so. */
const isForeignWrite = ({ method, headers }: Asked, host: string): boolean => {
  if (READS.has(method)) return false;
  const origin = headers.get('origin');
  if (origin !== null) return hostOf(origin) !== host.toLowerCase();
  const site = headers.get('sec-fetch-site');
  return site !== null && site !== 'same-origin' && site !== 'none';
};

/**
 * Why a request is rejected: a foreign host, as in DNS rebinding, or a cross-site write. Null if accepted. Non-browser
 * clients send no origin.
 */
export const notLetIn = (asked: Asked, names: ReadonlySet<string>): NotLetIn | null => {
  const host = asked.headers.get('host') ?? '';
  if (!isOurs(host, names))
    return {
      status: 421,
      error: `This application does not answer to the name “${host.slice(0, 80)}”. If it is yours, start it with ALLOWED_HOSTS=${nameOf(host).slice(0, 80) || 'name'}.`,
    };
  return isForeignWrite(asked, host) ? { status: 403, error: 'Writes from other sites are refused.' } : null;
};
