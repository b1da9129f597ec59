import type { OldConductorRow } from '../job/facts/changeout';
import { COLORS } from '../wiring/harness';
import { COILED_BACK } from './old-wiring';

/** Typed wiring, or what could not be parsed. */
export type TypedWiring =
  | { readonly kind: 'wall'; readonly rows: readonly OldConductorRow[] }
  | { readonly kind: 'wrong'; readonly why: string };

/** Maximum length of a letter and of a board mark, characters. */
const MOST_LETTER = 8;
const MOST_BOARD = 12;

const colorOf = (word: string): string | null => {
  const plain = word.toLowerCase().replace('gray', 'grey');
  return COLORS.find((colour) => colour === plain) ?? null;
};

const rowOf = (text: string): OldConductorRow | string => {
  const [wall = '', board = '', ...more] = text.split(/[>=]/).map((part) => part.trim());
  const words = wall.split(/\s+/).filter(Boolean);
  const colour = words.map(colorOf).find((each) => each !== null);
  const letters = words.filter((word) => colorOf(word) === null);
  if (!colour) return `“${text}” has no color. Type the letter and color, such as W2 white.`;
  if (letters.length > 1 || more.length > 0 || words.length - letters.length > 1)
    return `“${text}”: type one letter, one color and one far end, such as W2 white > W1.`;
  const [letter = ''] = letters;
  if (letter.length > MOST_LETTER || board.length > MOST_BOARD)
    return `“${text}”: a letter has at most ${MOST_LETTER} characters, another end ${MOST_BOARD}.`;
  return { colour, letter, board: /^(spare|coiled|loose)$/i.test(board) ? COILED_BACK : board };
};

/**
 * Parses wiring typed in one go, conductors separated by commas or lines: “R red > R, W2 white, brown > spare”. The
 * part after > is the other end.
 */
export const parseTypedWiring = (text: string): TypedWiring => {
  const rows = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map(rowOf);
  const wrong = rows.find((row) => typeof row === 'string');
  if (wrong !== undefined) return { kind: 'wrong', why: wrong };
  return rows.length === 0
    ? { kind: 'wrong', why: 'Nothing typed yet. Type a letter and a color, such as R red, C blue.' }
    : { kind: 'wall', rows: rows as readonly OldConductorRow[] };
};
