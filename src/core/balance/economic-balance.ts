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
 * COP at which heat pump and fuel cost the same.
 * @param electricPerKWh price of electricity per kWh @source (electric ÷ 3412.14) ÷ (fuel price ÷ (Btu per unit ×
 *   efficiency))
 */
export const breakEvenCop = (electricPerKWh: number, { kind, pricePerUnit, efficiency }: Fuel): number =>
  electricPerKWh / BTU_PER_KWH / (pricePerUnit / (FUEL_BTU_PER_UNIT[kind] * efficiency));

/** Warmest outdoor temperature for the comparison, °F. */
const WARMEST_F = 65;

/**
 * Economic balance point: the highest outdoor temperature below which fuel is cheaper, °F. `always`: fuel is cheaper
 * already at 65 °F. `never`: nowhere down to the low-temperature cutoff (−30 °F without one).
 */
export const economicBalanceF = (heatPump: HeatPump, copEven: number): number | 'always' | 'never' => {
  const unlimited = { ...heatPump, minOutdoorF: null };
  // Above zero where COP < copEven: break-even heat less delivered heat.
  const dearer = addCurves(
    scaleCurve(powerCurve(unlimited), copEven * BTU_PER_KWH),
    scaleCurve(capacityCurve(unlimited), -1),
  );
  const highest = highestAboveF(dearer, [heatPump.minOutdoorF ?? COLDEST_SEARCH_F, WARMEST_F]);
  if (highest === null) return 'never';
  return highest >= WARMEST_F ? 'always' : highest;
};
