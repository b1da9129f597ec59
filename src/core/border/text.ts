/** Half of a character: a surrogate without its pair, which no database or file accepts. */
const HALF_LETTER = /\p{Surrogate}/u;

/** What makes a text impossible to store, in words; null if it can be stored. */
export const textProblem = (text: string): string | null => {
  if (text.includes('\u0000')) return 'contains control characters (NUL); write plain text';
  return HALF_LETTER.test(text) ? 'contains a broken character; retype the text' : null;
};

/**
 * What is wrong with text from people, in words; null if nothing: no markup, no control characters except line breaks.
 */
export const plainTextProblem = (text: string, maxLength: number): string | null => {
  if (text.length > maxLength) return `must be at most ${maxLength} characters`;
  if (/<[a-z!/?][^>]*>/i.test(text)) return 'contains markup; write plain text';
  if (/[\u0001-\u0008\u000b\u000c\u000e-\u001f]/.test(text)) return 'contains control characters; write plain text';
  return textProblem(text);
};

/**
 * The start of a text, cut between letters as people see them: an emoji or an accented letter stays whole or goes.
 * @param most most UTF-16 units that are left, as a field's own limit counts them
 * @example
 * cutText('Ladder 🪜', 8); // 'Ladder'
 */
export const cutText = (text: string, most: number): string => {
  if (text.length <= most) return text;
  let end = 0;
  for (const { index, segment } of new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(text)) {
    if (index + segment.length > most) break;
    end = index + segment.length;
  }
  return text.slice(0, end).trimEnd();
};
