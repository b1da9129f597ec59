import { FREEZING_F } from '../../units/constants';
import { humidityRatio, pressurePsi, saturatedHumidityRatio } from './moist-air';

/** An outdoor coil and the air over it. */
export interface CoilAir {
  readonly outdoorF: number;
  /** A share of 1. */
  readonly relativeHumidity: number;
  readonly coilF: number;
  readonly elevationFt: number;
  /** Dry air over the coil, lb an hour. */
  readonly airLbPerHour: number;
  /** Share of the air that touches the coil. */
  readonly contact: number;
}

/** Frost growth, and the moisture of the air and at the coil that it comes from, lb per lb of dry air. */
export interface FrostGrowth {
  readonly humidityRatioAir: number;
  readonly humidityRatioCoil: number;
  readonly lbPerHour: number;
}

/** Frost grows from moisture beyond saturation at the coil; none on a coil at 32 °F or above. */
export const frostGrowth = ({
  outdoorF,
  relativeHumidity,
  coilF,
  elevationFt,
  airLbPerHour,
  contact,
}: CoilAir): FrostGrowth => {
  const pressure = pressurePsi(elevationFt);
  const humidityRatioAir = humidityRatio(outdoorF, relativeHumidity, pressure);
  const humidityRatioCoil = saturatedHumidityRatio(coilF, pressure);
  const lbPerHour =
    coilF >= FREEZING_F ? 0 : contact * airLbPerHour * Math.max(0, humidityRatioAir - humidityRatioCoil);
  return { humidityRatioAir, humidityRatioCoil, lbPerHour };
};
