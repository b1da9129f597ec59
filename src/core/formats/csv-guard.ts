/**
 * Most quotes in a table of numbers: a year by the five minutes has eight hundred thousand where four columns are
 * quoted. With many more, finding where cells end takes seconds, and no logger writes such a file.
 */
const MOST_QUOTES = 1_000_000;

/** Whether a text has more quotes than any table of numbers. */
export const hasTooManyQuotes = (text: string): boolean => {
  let quotes = 0;
  for (let at = text.indexOf('"'); at >= 0; at = text.indexOf('"', at + 1)) if (++quotes > MOST_QUOTES) return true;
  return false;
};

/** What to say of such a file. */
export const TOO_MANY_QUOTES =
  'It has more quotation marks than a table of numbers can have. Check that it is the right file.';
