import { joinSpans, type SpanF } from '../units/span';

/** A piecewise linear function of outdoor temperature. `breaksF` lists the temperatures where a piece may end. */
export interface Curve {
  readonly at: (outdoorF: number) => number;
  readonly breaksF: readonly number[];
}

/** A vertex of a piecewise linear curve. */
export interface Vertex {
  readonly outdoorF: number;
  readonly value: number;
}

/**
 * A piecewise linear curve through vertices; the end pieces extend beyond them.
 * @param vertices two or more, at different temperatures, in any order
 */
export const curveThrough = (vertices: readonly Vertex[]): Curve => {
  const sorted = [...vertices].sort((a, b) => a.outdoorF - b.outdoorF);
  const breaksF = sorted.map(({ outdoorF }) => outdoorF);
  const pieces = sorted.slice(1).map((high, at) => {
    const low = sorted[at]!;
    return {
      fromF: low.outdoorF,
      from: low.value,
      toF: high.outdoorF,
      slope: (high.value - low.value) / (high.outdoorF - low.outdoorF),
    };
  });
  const lastPiece = pieces.length - 1;
  const at = (outdoorF: number) => {
    let piece = 0;
    while (piece < lastPiece && outdoorF > pieces[piece]!.toF) piece++;
    const { fromF, from, slope } = pieces[piece]!;
    return from + slope * (outdoorF - fromF);
  };
  return { at, breaksF };
};

/** Sum of curves. */
export const addCurves = (...curves: readonly Curve[]): Curve => ({
  at: (outdoorF) => curves.reduce((sum, curve) => sum + curve.at(outdoorF), 0),
  breaksF: curves.flatMap((curve) => curve.breaksF),
});

/** A curve multiplied by a constant. */
export const scaleCurve = (curve: Curve, factor: number): Curve => ({
  at: (outdoorF) => curve.at(outdoorF) * factor,
  breaksF: curve.breaksF,
});

/** A constant curve. */
export const flatCurve = (value: number): Curve => ({ at: () => value, breaksF: [] });

/** The larger of two curves; their crossings within the span become breaks. */
export const largerOf = (one: Curve, other: Curve, within: SpanF): Curve => {
  const crossings = spansAbove(addCurves(one, scaleCurve(other, -1)), within).flat();
  return {
    at: (outdoorF) => Math.max(one.at(outdoorF), other.at(outdoorF)),
    breaksF: [...one.breaksF, ...other.breaksF, ...crossings],
  };
};

/** Spans in which a curve is above zero, exact to rounding: each piece is linear, so the root follows by proportion. */
export const spansAbove = (curve: Curve, [fromF, toF]: SpanF): SpanF[] => {
  const inside = curve.breaksF.filter((breakF) => breakF > fromF && breakF < toF).sort((a, b) => a - b);
  const ends = [fromF, ...inside, toF];
  const spans: SpanF[] = [];
  for (let at = 1; at < ends.length; at++) {
    const low = ends[at - 1]!;
    const high = ends[at]!;
    if (high - low < 1e-9) continue;
    // A curve may step at a break, so each piece is evaluated inside and extended to its ends.
    const nearLow = curve.at(low + (high - low) / 4);
    const nearHigh = curve.at(high - (high - low) / 4);
    const slope = (nearHigh - nearLow) / ((high - low) / 2);
    const lowValue = nearLow - (slope * (high - low)) / 4;
    const highValue = nearHigh + (slope * (high - low)) / 4;
    if (lowValue <= 0 && highValue <= 0) continue;
    const root = slope === 0 ? low : Math.min(high, Math.max(low, low - lowValue / slope));
    spans.push(lowValue > 0 && highValue > 0 ? [low, high] : lowValue > 0 ? [low, root] : [root, high]);
  }
  return joinSpans(spans);
};

/** Highest temperature of a span at which a curve is still above zero; null if nowhere. */
export const highestAboveF = (curve: Curve, within: SpanF): number | null =>
  spansAbove(curve, within).at(-1)?.[1] ?? null;
