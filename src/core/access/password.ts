import { COMMON_PASSWORDS } from './common-passwords';

/** Minimum and maximum password length, characters. No rule about kinds of characters: length is what helps. */
export const PASSWORD_LETTERS = { least: 10, most: 200 } as const;

/** Alphabet and keyboard rows, repeated. */
const ROWS = ['abcdefghijklmnopqrstuvwxyz', '1234567890', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop'].flatMap(
  (row) => {
    const around = row.repeat(Math.ceil(PASSWORD_LETTERS.most / row.length) + 1);
    return [around, [...around].reverse().join('')];
  },
);

/** One repeated character, or a sequence, such as `aaaaaaaaaa` and `1234567890`. */
const isRow = (text: string): boolean => new Set(text).size === 1 || ROWS.some((row) => row.includes(text));

/**
 * What is wrong with a password, in words; null if it is acceptable.
 * @param names names that everyone knows: the person's and the crew's
 */
export const passwordProblem = (password: string, names: readonly string[]): string | null => {
  const { least, most } = PASSWORD_LETTERS;
  const plain = password.normalize('NFKC').toLowerCase();
  if ([...password].length < least)
    return `Too short: use at least ${least} characters. A few words in a row are easy to remember.`;
  if ([...password].length > most) return `Too long: at most ${most} characters.`;
  if (COMMON_PASSWORDS.has(plain) || isRow(plain)) return 'That password is too common. Choose your own words.';
  const known = names.map((name) => name.toLowerCase()).filter((name) => name.length > 2);
  const rest = known.reduce((left, name) => left.replaceAll(name, ''), plain);
  return rest.length < least - 4 && rest !== plain ? 'Do not use your own name or your crew’s name.' : null;
};
