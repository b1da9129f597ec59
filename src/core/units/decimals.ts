/** Decimals of a reading by unit, as trade meters show them. */
const DECIMALS: Record<string, number> = { V: 1, A: 1, Ω: 1, '°F': 1, 'in. w.c.': 2, min: 1 };

/** Decimals of a reading in a unit; one by default. */
export const decimalsOf = (unit: string): number => DECIMALS[unit] ?? 1;
