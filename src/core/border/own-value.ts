/**
 * A value under a word that came from outside; undefined where there is none. What every object inherits,
 * such as `constructor`, is no value of a table.
 */
export const ownValue = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;
