import { createHash } from 'node:crypto';
import { database, select } from '../database';

/** How long a failed try counts, min. */
export const ATTEMPTS_MIN = 15;
/** Failed tries in that time after which no more are heard: for one sign-in name, and from one address. */
const MOST_BY_NAME = 10;
const MOST_BY_ADDRESS = 50;

/** What is tried, as a hash: neither names nor addresses are kept. */
const keyOf = (kind: 'name' | 'address', text: string): string =>
  createHash('sha256').update(`${kind} ${text}`).digest('hex');

const countOf = async (key: string): Promise<number> => {
  const [row] = await select<{ count: string }>(
    `SELECT count(*) AS count FROM sign_in_attempts
     WHERE key = :key AND at > now() - interval '${ATTEMPTS_MIN} minutes'`,
    { key },
  );
  return Number(row!.count);
};

/** Whether too many tries have failed for a name or from an address; one that nobody knows counts for nothing. */
export const isTriedTooOften = async (name: string, address: string | null): Promise<boolean> =>
  (await countOf(keyOf('name', name))) >= MOST_BY_NAME ||
  (address !== null && (await countOf(keyOf('address', address))) >= MOST_BY_ADDRESS);

/** Counts a failed try, and forgets those that count no more. */
export const countAttempt = async (name: string, address: string | null): Promise<void> => {
  await database().query(`DELETE FROM sign_in_attempts WHERE at < now() - interval '1 day'`);
  const keys = [keyOf('name', name), ...(address === null ? [] : [keyOf('address', address)])];
  for (const key of keys)
    await database().query('INSERT INTO sign_in_attempts (key) VALUES (:key)', { replacements: { key } });
};

/** Forgets the failed tries for a name, once somebody was let in by it. */
export const forgetAttempts = async (name: string): Promise<void> => {
  await database().query('DELETE FROM sign_in_attempts WHERE key = :key', {
    replacements: { key: keyOf('name', name) },
  });
};
