import { createHash } from 'node:crypto';
import { database, select } from '../database';

/** How long an attempt counts, min. */
export const ATTEMPTS_MIN = 15;

/** Attempts accepted in that time. */
const MOST = {
  /** For one sign-in name on a known device: other people's attempts do not count there. */
  device: 10,
  /** For one sign-in name from one address, or without a known address. */
  name: 10,
  /** For one sign-in name from all addresses. */
  'name from anywhere': 50,
  /** From one address, for any names. */
  address: 50,
} as const;

/** A sign-in attempt and its source. */
export interface SignInAttempt {
  /** The sign-in name as typed. */
  readonly name: string;
  /** Address reported by a trusted proxy; null: unknown. */
  readonly address: string | null;
  /** Token of a device known as that person's; null: none. */
  readonly knownDevice: string | null;
}

interface Key {
  readonly hash: string;
  readonly most: number;
}

/** Attempts as hashes: neither names nor addresses are stored. */
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

/** An accepted attempt by its rows, removed after success. */
export type CountedAttempt = readonly string[];

/**
 * Counts an attempt before its password is checked, so that no number of simultaneous attempts exceeds the limit.
 * Rejected attempts do not count, so waiting always helps.
 * @returns null where too many were tried
 */
export const countAttempt = (tried: SignInAttempt): Promise<CountedAttempt | null> =>
  database().transaction(async () => {
    const keys = keysOf(tried).sort((a, b) => a.hash.localeCompare(b.hash));
    // In a fixed order, to prevent deadlocks.
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

/** Deletes expired attempts. */
export const deleteOldAttempts = async (): Promise<void> => {
  await database().query(`DELETE FROM sign_in_attempts WHERE at < now() - interval '1 day'`);
};

/** Removes a successful attempt, and earlier ones for its name from the same source. */
export const clearAttempts = async (tried: SignInAttempt, heard: CountedAttempt): Promise<void> => {
  const [own] = keysOf(tried);
  await database().query('DELETE FROM sign_in_attempts WHERE key = :key OR id IN (:heard)', {
    replacements: { key: own!.hash, heard },
  });
};
