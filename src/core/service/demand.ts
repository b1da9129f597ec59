/** General load counted in full, VA. NEC 220.83(B). */
export const FULL_VA = 8_000;
/** Share of the rest. NEC 220.83(B). */
export const REST_SHARE = 0.4;
/** General lighting and receptacles, VA per square foot. NEC 220.83(B). */
export const LIGHTING_VA_PER_FT2 = 3;
/** Per small-appliance or laundry circuit, VA. NEC 220.83(B). */
export const CIRCUIT_VA = 1_500;

/**
 * Service demand of the general load of an existing dwelling when heat or cooling is added, VA: 8 kVA in full and 40 %
 * of the rest. NEC 220.83(B).
 * @param otherVA connected load less heat and cooling, VA; not negative
 */
export const generalDemandVA = (otherVA: number): number =>
  Math.min(otherVA, FULL_VA) + REST_SHARE * Math.max(0, otherVA - FULL_VA);

/**
 * The current of a load on a single-phase service, A.
 * @param volts leg to leg
 */
export const serviceAmps = (va: number, volts: number): number => va / volts;
