import psychrolib from 'psychrolib';

/** The only place that calls the moist-air library, which keeps its unit system as module state. */
const inInchPound = <T>(work: () => T): T => {
  psychrolib.SetUnitSystem(psychrolib.IP);
  return work();
};

/** Pressure of the standard atmosphere, psi. */
export const pressurePsi = (elevationFt: number): number =>
  inInchPound(() => psychrolib.GetStandardAtmPressure(elevationFt));

/**
 * Humidity ratio of air, lb per lb of dry air.
 * @param relativeHumidity a share of 1
 */
export const humidityRatio = (airF: number, relativeHumidity: number, pressure: number): number =>
  inInchPound(() => psychrolib.GetHumRatioFromRelHum(airF, relativeHumidity, pressure));

/** Saturation humidity ratio at a surface, lb per lb of dry air. */
export const saturatedHumidityRatio = (surfaceF: number, pressure: number): number =>
  inInchPound(() => psychrolib.GetSatHumRatio(surfaceF, pressure));
