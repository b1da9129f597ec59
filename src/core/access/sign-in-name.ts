/** A sign-in name: the person's part and the crew's, such as `ana@mossgate`. */
export interface SignInName {
  readonly person: string;
  readonly crew: string;
}

/** Maximum length of one part, characters. */
const MOST = 40;

/** Turns words into one part of a sign-in name: lowercase letters and digits, joined by dashes. */
export const handleOf = (words: string): string =>
  words
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, MOST)
    .replace(/^-+|-+$/g, '');

/** Parses a typed sign-in name; null if it is not one. */
export const parseSignInName = (typed: string): SignInName | null => {
  const match = /^([a-z0-9-]{1,40})@([a-z0-9-]{1,40})$/.exec(typed.trim().toLowerCase());
  return match ? { person: match[1]!, crew: match[2]! } : null;
};

/** Formats a sign-in name as it is typed. */
export const signInName = ({ person, crew }: SignInName): string => `${person}@${crew}`;
