/** A symmetric system with a known sparsity pattern and its elimination order. */
export interface Pattern {
  readonly size: number;
  /** Position of each matrix entry in the value array: diagonal first, then pairs. */
  readonly slotOf: (row: number, column: number) => number;
  readonly slots: number;
  /**
   * Solves for a right side, both overwritten; the answer replaces `right`.
   * @param values entries by slot; the matrix must be positive definite
   */
  readonly solve: (values: Float64Array, right: Float64Array) => void;
}

/** Eliminates the unknown with the fewest neighbors first; fill-in becomes new entries. */
const eliminate = (neighbors: readonly Set<number>[]): { order: number[]; later: number[][] } => {
  const left = new Set(neighbors.keys());
  const order: number[] = [];
  const later: number[][] = [];
  while (left.size > 0) {
    let next = -1;
    for (const each of left) if (next < 0 || neighbors[each]!.size < neighbors[next]!.size) next = each;
    left.delete(next);
    const around = [...neighbors[next]!];
    order.push(next);
    later.push(around);
    for (const one of around) {
      neighbors[one]!.delete(next);
      for (const other of around) if (other !== one) neighbors[one]!.add(other);
    }
  }
  return { order, later };
};

/**
 * Plans the elimination of a symmetric positive definite system for repeated use.
 * @param size number of unknowns
 * @param pairs nonzero off-diagonal entries, each at least once, in either order @source George, Liu, "Computer
 *   Solution of Large Sparse Positive Definite Systems", 1981: minimum degree
 */
export const prepareSparse = (size: number, pairs: Iterable<readonly [number, number]>): Pattern => {
  const neighbors = Array.from({ length: size }, () => new Set<number>());
  for (const [one, other] of pairs) {
    if (one === other) continue;
    neighbors[one]!.add(other);
    neighbors[other]!.add(one);
  }
  const { order, later } = eliminate(neighbors);
  const slot = new Map<number, number>();
  const key = (one: number, other: number) => (one < other ? one * size + other : other * size + one);
  const slotOf = (row: number, column: number) => (row === column ? row : slot.get(key(row, column))!);
  order.forEach((pivot, step) => later[step]!.forEach((other) => slot.set(key(pivot, other), size + slot.size)));
  // The elimination as a flat list: for each pivot its neighbors, and for each pair of neighbors the entry to update.
  const steps: number[] = [];
  order.forEach((pivot, step) => {
    const around = later[step]!;
    steps.push(pivot, around.length);
    for (const each of around) steps.push(each, slotOf(pivot, each));
    around.forEach((one, at) => around.slice(at).forEach((other) => steps.push(slotOf(one, other))));
  });
  const program = Int32Array.from(steps);
  const starts = new Int32Array(size);
  const solve = (values: Float64Array, right: Float64Array): void => {
    let at = 0;
    for (let step = 0; step < size; step++) {
      starts[step] = at;
      const pivot = program[at]!;
      const count = program[at + 1]!;
      const first = at + 2;
      at = first + 2 * count;
      const head = values[pivot]!;
      for (let one = 0; one < count; one++) {
        const entry = values[program[first + 2 * one + 1]!]!;
        if (entry === 0) {
          at += count - one;
          continue;
        }
        const factor = entry / head;
        right[program[first + 2 * one]!]! -= factor * right[pivot]!;
        for (let other = one; other < count; other++)
          values[program[at++]!]! -= factor * values[program[first + 2 * other + 1]!]!;
      }
    }
    for (let step = size - 1; step >= 0; step--) {
      const start = starts[step]!;
      const pivot = program[start]!;
      const count = program[start + 1]!;
      let sum = right[pivot]!;
      for (let one = 0; one < count; one++)
        sum -= values[program[start + 3 + 2 * one]!]! * right[program[start + 2 + 2 * one]!]!;
      right[pivot] = sum / values[pivot]!;
    }
  };
  return { size, slotOf, slots: size + slot.size, solve };
};
