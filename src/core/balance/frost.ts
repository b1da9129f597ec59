/**
 * Outdoor temperatures between which frost reduces capacity, and where it does so most, °F. @source 10 CFR 430 subpart
 * B appendix M1; the line from 35 to 45 °F is ours, instead of a step
 */
const FROST_FROM_F = 17;
const FROST_MOST_F = 35;
const FROST_TO_F = 45;

/** Frost growth relative to 35 °F; zero at and beyond 17 and 45 °F. */
export const frostShareAt = (outdoorF: number): number => {
  if (outdoorF <= FROST_FROM_F || outdoorF >= FROST_TO_F) return 0;
  return outdoorF <= FROST_MOST_F
    ? (outdoorF - FROST_FROM_F) / (FROST_MOST_F - FROST_FROM_F)
    : (FROST_TO_F - outdoorF) / (FROST_TO_F - FROST_MOST_F);
};
