/**
 * Connected groups of items (union-find with path halving).
 * @param links pairs that belong together
 * @returns the representative of an item's group; an item without links is its own
 * @example const root = groups([['a', 'b'], ['b', 'c']]); root('a') === root('c'); // true
 */
export const groups = <T>(links: Iterable<readonly [T, T]>): ((thing: T) => T) => {
  const parent = new Map<T, T>();
  const root = (thing: T): T => {
    let here = thing;
    for (let up = parent.get(here); up !== undefined && up !== here; up = parent.get(here)) {
      const above = parent.get(up) ?? up;
      parent.set(here, above);
      here = above;
    }
    return here;
  };
  for (const [one, other] of links) parent.set(root(one), root(other));
  return root;
};
