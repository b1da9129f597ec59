import { COPPER_OHMS_PER_1000_FT, type WireGauge } from './constants';

/**
 * Resistance of one solid copper conductor, one way, Ω.
 * @param gauge American wire gauge
 * @param lengthFt length of the run, ft
 * @source ASTM B258, 20 °C
 */
export const conductorOhms = (gauge: WireGauge, lengthFt: number): number =>
  (COPPER_OHMS_PER_1000_FT[gauge] * lengthFt) / 1000;
