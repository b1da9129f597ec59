import { BTU_PER_KWH } from '../units/constants';
import type { SpanF } from '../units/span';
import { addCurves, type Curve, curveThrough, scaleCurve, spansAbove } from './line';

/** A rating point: heat and power at an outdoor temperature. */
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
  /** Low-temperature cutoff, °F; null: none. */
  readonly minOutdoorF: number | null;
  /**
   * Whether lines extrapolated beyond the rating points are limited to a COP of at least 1: all power that a compressor
   * draws ends as heat, and an unmeasured figure must not count against it.
   */
  readonly trustsPointsOnly?: boolean;
}

/** Coldest and warmest rating point, °F; beyond them every figure is extrapolated. */
export const ratedSpanF = ({ points }: HeatPump): SpanF => {
  const at = points.map(({ outdoorF }) => outdoorF);
  return [Math.min(...at), Math.max(...at)];
};

/** Whether figures at an outdoor temperature, °F, are extrapolated. */
export const isExtrapolated = (heatPump: HeatPump, outdoorF: number): boolean => {
  const [coldestF, warmestF] = ratedSpanF(heatPump);
  return outdoorF < coldestF || outdoorF > warmestF;
};

/** Share of capacity left at 35 °F. Source: 10 CFR 430 subpart B appendix M1. */
const FROST_CAPACITY = 0.9;
const FROST_POWER = 0.985;

/** Larger than any distance from a rating point, °F. */
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

/** Not below zero: an extended capacity line never removes heat. */
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
 * Heat pump capacity, Btu/h: linear between rating points, less the frost derate where it applies, zero below the
 * low-temperature cutoff. @source 10 CFR 430 subpart B appendix M1; the line from 35 to 45 °F replaces the procedure's
 * step at 45 °F
 */
export const capacityCurve = (heatPump: HeatPump): Curve =>
  withMinimum(notNegative(ratedCurve(heatPump, (point) => point.btuh, FROST_CAPACITY)), heatPump.minOutdoorF);

/** The first curve inside a span, the smaller of two outside it; their crossings become breaks. */
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
 * Heat pump power, kW; frost as in {@link capacityCurve}, the low-temperature cutoff not applied. Beyond the rating
 * points never more than the heat delivered, if only the points are trusted.
 */
export const powerCurve = (heatPump: HeatPump): Curve => {
  const drawn = ratedCurve(heatPump, (point) => point.kW, FROST_POWER);
  if (!heatPump.trustsPointsOnly) return drawn;
  const heatKW = scaleCurve(capacityCurve({ ...heatPump, minOutdoorF: null }), 1 / BTU_PER_KWH);
  return smallerOutside(drawn, heatKW, ratedSpanF(heatPump));
};

/** COP as a function of outdoor temperature, °F; zero where the unit is off. */
export const copOf = (heatPump: HeatPump): ((outdoorF: number) => number) => {
  const [power, capacity] = [powerCurve(heatPump), capacityCurve(heatPump)];
  return (outdoorF) => {
    const kW = power.at(outdoorF);
    return kW > 0 ? capacity.at(outdoorF) / (kW * BTU_PER_KWH) : 0;
  };
};

/** COP at an outdoor temperature, °F; zero where the unit is off. */
export const copAt = (heatPump: HeatPump, outdoorF: number): number => copOf(heatPump)(outdoorF);
