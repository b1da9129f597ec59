/**
 * Ampacity of copper in cable or raceway at 60 °C terminations, A, by American wire gauge. Source: NEC 310.16, 60 °C
 * column.
 */
const COPPER_AMPACITY_60C: ReadonlyMap<number, number> = new Map([
  [14, 15],
  [12, 20],
  [10, 30],
  [8, 40],
  [6, 55],
  [4, 70],
  [3, 85],
  [2, 95],
  [1, 110],
]);

/** Ampacity of a copper conductor, A; null for a gauge that the table has not. */
export const copperAmpacity = (awg: number): number | null => COPPER_AMPACITY_60C.get(awg) ?? null;

/**
 * The thinnest copper that carries a current, AWG; null above the table. Terminals marked for 75 °C allow thinner:
 * their label rules.
 */
export const copperFor = (amps: number): number | null =>
  [...COPPER_AMPACITY_60C].find(([, ampacity]) => ampacity >= amps - 1e-9)?.[0] ?? null;
