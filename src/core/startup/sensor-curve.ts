/** A common outdoor sensor: 10 kΩ at 77 °F. Its B constant, K: our judgment; the sensor's own table wins. */
const OHMS_AT_77_F = 10_000;
const B_K = 3950;

const kelvin = (f: number): number => (f - 32) / 1.8 + 273.15;

/**
 * Resistance of a common outdoor sensor at a temperature, Ω.
 * @param atF °F @source R = R₀ · exp(B · (1/T − 1/T₀)), the B equation of thermistors
 * @example Math.round(sensorOhms(29) / 100); // 367: 36.7 kΩ
 */
export const sensorOhms = (atF: number): number => OHMS_AT_77_F * Math.exp(B_K * (1 / kelvin(atF) - 1 / kelvin(77)));
