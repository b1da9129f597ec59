import { createHash } from 'node:crypto';
import { database, select } from '../database';

/** How long a try counts, min. */
export const ATTEMPTS_MIN = 15;

/** Tries in that time that are heard. */
const MOST = {
  /** For one sign-in name on a device on which its person signed in before: no one else's tries count there. */
  device: 10,
  /** For one sign-in name from one address, or from wherever where no address is known. */
  name: 10,
  /** For one sign-in name from all addresses together. */
  'name from anywhere': 50,
  /** From one address, for whatever names. */
  address: 50,
} as const;

/** Who tries to sign in, and from where. */
export interface SignInAttempt {
  /** The sign-in name as it was typed. */
  readonly name: string;
  /** The address that a proxy which is believed tells; null: none is known. */
  readonly address: string | null;
  /** The token of a device that is known as that person's; null: it is not. */
  readonly knownDevice: string | null;
}

interface Key {
  readonly hash: string;
  readonly most: number;
}

/** What is tried, as hashes: neither names nor addresses are kept. */
const keysOf = ({ name, address, knownDevice }: SignInAttempt): Key[] => {
  const key = (kind: keyof typeof MOST, text: string): Key => ({
    hash: createHash('sha256').update(`${kind} ${text}`).digest('hex'),
    most: MOST[kind],
  });
  if (knownDevice !== null) return [key('device', `${knownDevice} ${name}`)];
  return address === null
    ? [key('name', name)]
    : [key('name', `${name} ${address}`), key('name from anywhere', name), key('address', address)];
};

/** A try that was heard, by its rows: taken back once it was right. */
export type CountedAttempt = readonly string[];

/**
 * Counts a try before its password is looked at, so that of any number at once no more are heard than may be. One that
 * is not heard counts for nothing: whoever waits is heard again.
 * @returns null where too many were tried
 */
export const countAttempt = (tried: SignInAttempt): Promise<CountedAttempt | null> =>
  database().transaction(async () => {
    const keys = keysOf(tried).sort((a, b) => a.hash.localeCompare(b.hash));
    // In one order, so that two tries never wait for one another.
    for (const { hash } of keys) await select('SELECT pg_advisory_xact_lock(hashtextextended(:hash, 0))', { hash });
    for (const { hash, most } of keys) {
      const [row] = await select<{ tries: number }>(
        `SELECT count(*)::int AS tries FROM sign_in_attempts
         WHERE key = :hash AND at > now() - interval '${ATTEMPTS_MIN} minutes'`,
        { hash },
      );
      if (row!.tries >= most) return null;
    }
    const rows: string[] = [];
    for (const { hash } of keys) {
      const [row] = await select<{ id: string }>('INSERT INTO sign_in_attempts (key) VALUES (:hash) RETURNING id', {
        hash,
      });
      rows.push(row!.id);
    }
    return rows;
  });

/** Forgets tries that count no more. */
export const deleteOldAttempts = async (): Promise<void> => {
  await database().query(`DELETE FROM sign_in_attempts WHERE at < now() - interval '1 day'`);
};

/** Takes back a try that was right, and those for its name from the same place before it. */
export const clearAttempts = async (tried: SignInAttempt, heard: CountedAttempt): Promise<void> => {
  const [own] = keysOf(tried);
  await database().query('DELETE FROM sign_in_attempts WHERE key = :key OR id IN (:heard)', {
    replacements: { key: own!.hash, heard },
  });
};
