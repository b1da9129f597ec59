/**
 * A value computed on first use and cached.
 * @example const states = once(() => solveEverything()); states(); // solves states(); // the same again
 */
export const once = <T>(work: () => T): (() => T) => {
  let kept: { readonly value: T } | undefined;
  return () => (kept ??= { value: work() }).value;
};

/**
 * Memoizes a function by a key of its argument.
 * @param key equal for arguments that give equal answers
 */
export const memoize = <A, T>(key: (argument: A) => string, work: (argument: A) => T): ((argument: A) => T) => {
  const kept = new Map<string, T>();
  return (argument) => {
    const name = key(argument);
    const known = kept.get(name);
    if (known !== undefined) return known;
    const value = work(argument);
    kept.set(name, value);
    return value;
  };
};
