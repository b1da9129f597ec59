import { BTU_PER_KWH } from '../units/constants';
import type { SpanF } from '../units/span';
import { addCurves, type Curve, curveThrough, scaleCurve, spansAbove } from './line';

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
  /**
   * Whether lines extrapolated beyond the points are kept from a COP under 1: all that a compressor draws is heat in
   * the end, and a figure that no one has measured shall not decide against it.
   */
  readonly trustsPointsOnly?: boolean;
}

/** Coldest and warmest rating point, °F: outside them every figure is extrapolated. */
export const ratedSpanF = ({ points }: HeatPump): SpanF => {
  const at = points.map(({ outdoorF }) => outdoorF);
  return [Math.min(...at), Math.max(...at)];
};

/** Whether a figure at an outdoor temperature, °F, is extrapolated beyond the rating points. */
export const isExtrapolated = (heatPump: HeatPump, outdoorF: number): boolean => {
  const [coldestF, warmestF] = ratedSpanF(heatPump);
  return outdoorF < coldestF || outdoorF > warmestF;
};

/** Share of the straight line that is left at 35 °F. Source: 10 CFR 430 subpart B appendix M1. */
const FROST_CAPACITY = 0.9;
const FROST_POWER = 0.985;

/** No outdoor temperature lies farther from a rating point, °F. */
const FAR_F = 200;

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
 * applies, zero below the unit's own minimum.
 * @source 10 CFR 430 subpart B appendix M1; the line from 35 to 45 °F replaces the procedure's step at 45 °F
 */
export const capacityCurve = (heatPump: HeatPump): Curve =>
  withMinimum(notNegative(ratedCurve(heatPump, (point) => point.btuh, FROST_CAPACITY)), heatPump.minOutdoorF);

/** The smaller of two curves outside a span, the first one inside; their crossings out there become breaks. */
const smallerOutside = (one: Curve, other: Curve, [lowF, highF]: SpanF): Curve => {
  const over = addCurves(one, scaleCurve(other, -1));
  const crossings = [...spansAbove(over, [lowF - FAR_F, lowF]), ...spansAbove(over, [highF, highF + FAR_F])].flat();
  return {
    at: (outdoorF) =>
      outdoorF >= lowF && outdoorF <= highF
        ? one.at(outdoorF)
        : Math.min(one.at(outdoorF), Math.max(0, other.at(outdoorF))),
    breaksF: [...one.breaksF, ...other.breaksF, lowF, highF, ...crossings],
  };
};

/**
 * Power the heat pump draws, kW; frost as in {@link capacityCurve}, the unit's own minimum not applied. Beyond the
 * points never more than the heat it gives, where they alone are trusted.
 */
export const powerCurve = (heatPump: HeatPump): Curve => {
  const drawn = ratedCurve(heatPump, (point) => point.kW, FROST_POWER);
  if (!heatPump.trustsPointsOnly) return drawn;
  const heatKW = scaleCurve(capacityCurve({ ...heatPump, minOutdoorF: null }), 1 / BTU_PER_KWH);
  return smallerOutside(drawn, heatKW, ratedSpanF(heatPump));
};

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
