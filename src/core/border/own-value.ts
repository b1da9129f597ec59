/**
 * Own property of an object by a key from outside; undefined if there is none. Inherited members such as `constructor`
 * do not count.
 */
export const ownValue = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;
