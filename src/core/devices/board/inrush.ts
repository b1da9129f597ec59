/**
 * Inrush of a contactor or valve until it has pulled in, as a multiple of its sealed VA, if the nameplate gives none.
 * Trade coils are between five and eight. Five is our judgment: a coil that fails at the smallest inrush fails at any;
 * the nameplate's figure wins.
 */
const INRUSH_TIMES_SEALED = 5;

/**
 * Inrush of a coil, VA.
 * @param sealedVA from the nameplate, or assumed
 * @param plateVA the nameplate's inrush; null if not given
 */
export const inrushOf = (sealedVA: number, plateVA: number | null): number => plateVA ?? sealedVA * INRUSH_TIMES_SEALED;
