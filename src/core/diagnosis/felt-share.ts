/** Under this share of the heat of a good system people feel it. Our judgement. */
export const FELT_SHARE = 0.85;
