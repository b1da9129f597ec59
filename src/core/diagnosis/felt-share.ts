/** Under this share of the heat of a good system people feel it. Our judgment. */
export const FELT_SHARE = 0.85;
