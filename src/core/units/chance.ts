/**
 * Seeded pseudo-random numbers in [0, 1), the same on every machine (mulberry32).
 * @param seed a whole number
 * @example const next = chance(7); next() === chance(7)(); // true
 */
export const chance = (seed: number): (() => number) => {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
};
