import { createHash, randomBytes } from 'node:crypto';

/** Token length, bytes: too long to guess. */
const TOKEN_BYTES = 32;

/** A new token for a cookie or link. It is shown once; the database stores only its hash. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** Stored hash of a token. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');
