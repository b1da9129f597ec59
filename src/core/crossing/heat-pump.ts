import { BTU_PER_KWH } from '../units/constants';
import { type Curve, curveThrough } from './line';

/** A rating point: heat given and power drawn at an outdoor temperature. */
export interface RatingPoint {
  readonly outdoorF: number;
  readonly btuh: number;
  readonly kW: number;
}

export interface HeatPump {
  /** Two or more, at different temperatures. */
  readonly points: readonly RatingPoint[];
  /** Whether the frost derate applies: single- and two-stage units. */
  readonly frost: boolean;
  /** The unit's own minimum, °F; null where it has none. */
  readonly minOutdoorF: number | null;
}

/** Share of the straight line that is left at 35 °F. Source: 10 CFR 430 subpart B appendix M1. */
const FROST_CAPACITY = 0.9;
const FROST_POWER = 0.985;

const frosted = (curve: Curve, share: number): Curve => {
  const at17 = curve.at(17);
  const at35 = share * (at17 + ((curve.at(47) - at17) * 18) / 30);
  const derated = curveThrough([
    { outdoorF: 17, value: at17 },
    { outdoorF: 35, value: at35 },
    { outdoorF: 45, value: curve.at(45) },
  ]);
  return {
    at: (outdoorF) => (outdoorF > 17 && outdoorF < 45 ? derated.at(outdoorF) : curve.at(outdoorF)),
    breaksF: [...curve.breaksF, 17, 35, 45],
  };
};

/** Zero below zero: the extended end piece of a capacity line never takes heat away. */
const notNegative = (curve: Curve): Curve => {
  const coldest = Math.min(...curve.breaksF);
  const slope = curve.at(coldest) - curve.at(coldest - 1);
  const zeroF = slope > 0 ? coldest - curve.at(coldest) / slope : coldest;
  return { at: (outdoorF) => Math.max(0, curve.at(outdoorF)), breaksF: [...curve.breaksF, zeroF] };
};

const withMinimum = (curve: Curve, minOutdoorF: number | null): Curve =>
  minOutdoorF === null
    ? curve
    : { at: (outdoorF) => (outdoorF < minOutdoorF ? 0 : curve.at(outdoorF)), breaksF: [...curve.breaksF, minOutdoorF] };

const ratedCurve = ({ points, frost }: HeatPump, value: (point: RatingPoint) => number, share: number): Curve => {
  const line = curveThrough(points.map((point) => ({ outdoorF: point.outdoorF, value: value(point) })));
  return frost ? frosted(line, share) : line;
};

/**
 * Heat the heat pump gives, Btu/h: straight lines through the rating points, the frost derate taken off where it
 * applies,
 * zero below the unit's own minimum.
 * @source 10 CFR 430 subpart B appendix M1; the line from 35 to 45 °F replaces the procedure's step at 45 °F
 */
export const capacityCurve = (heatPump: HeatPump): Curve =>
  withMinimum(notNegative(ratedCurve(heatPump, (point) => point.btuh, FROST_CAPACITY)), heatPump.minOutdoorF);

/** Power the heat pump draws, kW; frost as in {@link capacityCurve}, the unit's own minimum not applied. */
export const powerCurve = (heatPump: HeatPump): Curve => ratedCurve(heatPump, (point) => point.kW, FROST_POWER);

/** Coefficient of performance as a function of outdoor temperature, °F; zero where the unit does not run. */
export const copOf = (heatPump: HeatPump): ((outdoorF: number) => number) => {
  const [power, capacity] = [powerCurve(heatPump), capacityCurve(heatPump)];
  return (outdoorF) => {
    const kW = power.at(outdoorF);
    return kW > 0 ? capacity.at(outdoorF) / (kW * BTU_PER_KWH) : 0;
  };
};

/** Coefficient of performance at an outdoor temperature, °F; zero where the unit does not run. */
export const copAt = (heatPump: HeatPump, outdoorF: number): number => copOf(heatPump)(outdoorF);
