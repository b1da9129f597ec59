/**
 * Tolerance of a kit's output against its nameplate, corrected to measured volts. Source: what manufacturers of
 * sheathed and open-coil elements give, +5 and −10 %.
 */
export const KIT_SHORT = 0.1;
export const KIT_OVER = 0.05;

/** The same as ohms: more power means fewer ohms. */
export const OHMS_LOW_SHARE = 1 - 1 / (1 + KIT_OVER);
export const OHMS_HIGH_SHARE = 1 / (1 - KIT_SHORT) - 1;
