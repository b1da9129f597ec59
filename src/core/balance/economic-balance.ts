import { BTU_PER_KWH, FUEL_BTU_PER_UNIT, type FuelKind } from '../units/constants';
import { capacityCurve, type HeatPump, powerCurve } from './heat-pump';
import { addCurves, highestAboveF, scaleCurve } from './line';
import { COLDEST_SEARCH_F } from './range';

/** A furnace as the backup. */
export interface Fuel {
  readonly kind: FuelKind;
  /** Price of a therm of natural gas, or of a gallon of propane or oil. */
  readonly pricePerUnit: number;
  readonly efficiency: number;
  readonly outputBtuh: number;
}

/**
 * The coefficient of performance at which heat from the heat pump costs what heat from the fuel costs.
 * @param electricPerKWh price of electricity per kWh
 * @source (electric ÷ 3412.14) ÷ (fuel price ÷ (Btu per unit × efficiency))
 */
export const breakEvenCop = (electricPerKWh: number, { kind, pricePerUnit, efficiency }: Fuel): number =>
  electricPerKWh / BTU_PER_KWH / (pricePerUnit / (FUEL_BTU_PER_UNIT[kind] * efficiency));

/** Warmest outdoor temperature at which the fuel is compared, °F. */
const WARMEST_F = 65;

/**
 * The highest outdoor temperature below which the fuel is the cheaper source, °F: `always` where it is so already at 65
 * °F, `never` where it is nowhere so down to the unit's own minimum (−30 °F without one).
 */
export const economicBalanceF = (heatPump: HeatPump, copEven: number): number | 'always' | 'never' => {
  const unlimited = { ...heatPump, minOutdoorF: null };
  // Above zero where COP < copEven: heat that would break even, less heat given.
  const dearer = addCurves(
    scaleCurve(powerCurve(unlimited), copEven * BTU_PER_KWH),
    scaleCurve(capacityCurve(unlimited), -1),
  );
  const highest = highestAboveF(dearer, [heatPump.minOutdoorF ?? COLDEST_SEARCH_F, WARMEST_F]);
  if (highest === null) return 'never';
  return highest >= WARMEST_F ? 'always' : highest;
};
