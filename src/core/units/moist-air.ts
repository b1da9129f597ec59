import { airDensityRatio } from './air';

/** Standard pressure at sea level, psia. Source: ASHRAE standard atmosphere. */
const SEA_LEVEL_PSIA = 14.696;
const RANKINE_AT_ZERO_F = 459.67;

/**
 * Vapor pressure over liquid water, psia.
 * @param atF temperature, °F; from 32 to 200 @source Hyland and Wexler; ASHRAE Fundamentals, Psychrometrics, equation 6
 */
export const saturationPsia = (atF: number): number => {
  const t = atF + RANKINE_AT_ZERO_F;
  return Math.exp(
    -1.0440397e4 / t -
      1.129465e1 -
      2.7022355e-2 * t +
      1.289036e-5 * t ** 2 -
      2.4780681e-9 * t ** 3 +
      6.5459673 * Math.log(t),
  );
};

/**
 * Humidity ratio of saturated air, lb of water per lb of dry air.
 * @param atF temperature, °F; from 32 to 200
 * @param elevationFt feet above sea level @source W = 0.621945 × p ÷ (P − p), ASHRAE Fundamentals
 */
export const saturatedHumidity = (atF: number, elevationFt: number): number => {
  const pressure = SEA_LEVEL_PSIA * airDensityRatio(elevationFt);
  const vapor = saturationPsia(atF);
  return (0.621945 * vapor) / (pressure - vapor);
};

/**
 * Humidity ratio from dry and wet bulb, lb of water per lb of dry air; zero if the wet bulb is lower than possible.
 * @param dryBulbF °F
 * @param wetBulbF °F, from 32, and no higher than the dry bulb
 * @param elevationFt feet above sea level @source ASHRAE Fundamentals, Psychrometrics, equation 33
 */
export const humidityRatio = (dryBulbF: number, wetBulbF: number, elevationFt: number): number =>
  Math.max(
    0,
    ((1093 - 0.556 * wetBulbF) * saturatedHumidity(wetBulbF, elevationFt) - 0.24 * (dryBulbF - wetBulbF)) /
      (1093 + 0.444 * dryBulbF - wetBulbF),
  );

/**
 * Enthalpy of moist air, Btu per lb of dry air.
 * @param dryBulbF °F
 * @param humidity lb of water per lb of dry air @source h = 0.240 t + W (1061 + 0.444 t), ASHRAE Fundamentals
 */
export const enthalpyBtuPerLb = (dryBulbF: number, humidity: number): number =>
  0.24 * dryBulbF + humidity * (1061 + 0.444 * dryBulbF);
