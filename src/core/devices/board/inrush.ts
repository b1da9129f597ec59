/**
 * What a contactor or a valve draws until it has pulled in, as a multiple of its sealed VA, where the plate gives none.
 * Coils of the trade lie between five and eight. Five is our judgment: what does not pull in at the least of them
 * pulls in at none; the plate's own figure wins.
 */
const INRUSH_TIMES_SEALED = 5;

/**
 * Inrush of a coil, VA.
 * @param sealedVA from the plate or assumed
 * @param plateVA the plate's own inrush; null where it gives none
 */
export const inrushOf = (sealedVA: number, plateVA: number | null): number => plateVA ?? sealedVA * INRUSH_TIMES_SEALED;
