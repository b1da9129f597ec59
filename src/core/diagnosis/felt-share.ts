/** Heat relative to a good system below which people notice. Our judgment. */
export const FELT_SHARE = 0.85;
