import { COMMON_PASSWORDS } from './common-passwords';

/** Letters that a password has at least, and at most. Its kinds of letters no one counts: length is what helps. */
export const PASSWORD_LETTERS = { least: 10, most: 200 } as const;

/** Letters in the order in which they are in the alphabet and on keys, over and over. */
const ROWS = ['abcdefghijklmnopqrstuvwxyz', '1234567890', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop'].flatMap(
  (row) => {
    const around = row.repeat(Math.ceil(PASSWORD_LETTERS.most / row.length) + 1);
    return [around, [...around].reverse().join('')];
  },
);

/** One letter over and over, or letters in a row, as `aaaaaaaaaa` and `1234567890`. */
const isRow = (text: string): boolean => new Set(text).size === 1 || ROWS.some((row) => row.includes(text));

/**
 * What is wrong with a password, in words; null where it may be taken.
 * @param names what everyone knows of its person: his name, his crew's
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
