import { createHash, randomBytes } from 'node:crypto';

/** Bytes of a token: more than anyone can try. */
const TOKEN_BYTES = 32;

/** A new token for a cookie or a link. It is shown once; the database keeps its hash alone. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** What the database keeps of a token. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');
