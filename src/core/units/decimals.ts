/** Decimals that a reading in a unit is spoken of with, as the meters of the trade show them. */
const DECIMALS: Record<string, number> = { V: 1, A: 1, Ω: 1, '°F': 1, 'in. w.c.': 2, min: 1 };

/** Decimals of a reading in a unit; one where the unit has none of its own. */
export const decimalsOf = (unit: string): number => DECIMALS[unit] ?? 1;
