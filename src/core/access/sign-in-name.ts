/** A name to sign in with: a person's own part and the crew's, as `ana@mossgate`. */
export interface SignInName {
  readonly person: string;
  readonly crew: string;
}

/** Most letters of one part. */
const MOST = 40;

/** A part of a sign-in name made of words: small letters and digits, dashes between. */
export const handleOf = (words: string): string =>
  words
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, MOST)
    .replace(/^-+|-+$/g, '');

/** Reads a sign-in name as it is typed; null where it is none. */
export const parseSignInName = (typed: string): SignInName | null => {
  const match = /^([a-z0-9-]{1,40})@([a-z0-9-]{1,40})$/.exec(typed.trim().toLowerCase());
  return match ? { person: match[1]!, crew: match[2]! } : null;
};

/** A sign-in name as it is typed. */
export const signInName = ({ person, crew }: SignInName): string => `${person}@${crew}`;
