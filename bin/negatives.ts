/**
 * Joins an option and a negative number after it, which would otherwise be parsed as an option: `--outdoor -5` becomes
 * `--outdoor=-5`.
 */
export const withNegatives = (words: readonly string[]): string[] =>
  words.reduce<string[]>((joined, word) => {
    const before = joined.at(-1);
    return before !== undefined && /^--[a-z-]+$/.test(before) && /^-\d/.test(word)
      ? [...joined.slice(0, -1), `${before}=${word}`]
      : [...joined, word];
  }, []);
