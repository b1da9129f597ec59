import { SENSIBLE_FACTOR } from './constants';

/**
 * Density of air at an elevation over its density at sea level.
 * @param elevationFt feet above sea level
 * @source ASHRAE standard atmosphere
 */
export const airDensityRatio = (elevationFt: number): number => (1 - 6.8754e-6 * elevationFt) ** 5.2559;

/**
 * Sensible heat per CFM and degree, Btu/(h·CFM·°F).
 * @param elevationFt feet above sea level @source ASHRAE Fundamentals
 */
export const sensibleFactorAt = (elevationFt: number): number => SENSIBLE_FACTOR * airDensityRatio(elevationFt);

/**
 * Temperature rise of an air stream, °F.
 * @param btuh heat put into it, Btu/h
 * @param cfm airflow, ft³/min; must be above zero
 * @param elevationFt feet above sea level
 * @source ΔT = Btu/h ÷ (1.08 × density ratio × CFM), ASHRAE Fundamentals
 */
export const temperatureRiseF = (btuh: number, cfm: number, elevationFt: number): number =>
  btuh / (sensibleFactorAt(elevationFt) * cfm);

/**
 * Airflow by temperature rise with resistance heat alone, CFM.
 * @param volts supply volts while the strips run
 * @param amps current of the strips at that moment, A
 * @param riseF supply less return air temperature, °F; must be above zero
 * @param elevationFt feet above sea level
 * @source CFM = V × I × 3.41214 ÷ (1.08 × density ratio × ΔT)
 */
export const airflowFromRiseCfm = (volts: number, amps: number, riseF: number, elevationFt: number): number =>
  (volts * amps * 3.41214) / (sensibleFactorAt(elevationFt) * riseF);
