/**
 * Maximum quotes in a table of numbers: a year in five-minute steps has eight hundred thousand with four quoted
 * columns. With many more, splitting cells takes seconds, and no logger writes such a file.
 */
const MOST_QUOTES = 1_000_000;

/** Whether a text has too many quotes for a table of numbers. */
export const hasTooManyQuotes = (text: string): boolean => {
  let quotes = 0;
  for (let at = text.indexOf('"'); at >= 0; at = text.indexOf('"', at + 1)) if (++quotes > MOST_QUOTES) return true;
  return false;
};

/** The message for such a file. */
export const TOO_MANY_QUOTES =
  'It has more quotation marks than a table of numbers can have. Check that it is the right file.';
