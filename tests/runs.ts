/**
 * Number of runs of a property: a sample at each commit, twenty times as many in a sweep (`npm run facts`).
 * @param some runs at each commit
 */
export const runs = (some: number): number => (process.env.SWEEP === undefined ? some : 20 * some);
