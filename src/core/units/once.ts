/**
 * A value that is worked out when it is first asked for, and then kept.
 * @example
 * const states = once(() => solveEverything());
 * states(); // solves
 * states(); // the same again
 */
export const once = <T>(work: () => T): (() => T) => {
  let kept: { readonly value: T } | undefined;
  return () => (kept ??= { value: work() }).value;
};

/**
 * A function that keeps its answers by a key made of its argument.
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
